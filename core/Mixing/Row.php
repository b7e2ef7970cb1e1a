<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;

/**
 * One condition of a linear program: Σ factor × variable is at most, or exactly, a limit.
 *
 * Immutable. Variables that are not named have the factor 0.
 */
final readonly class Row
{
    /**
     * @param array<int, BigRational> $factors by variable
     */
    private function __construct(public array $factors, public BigRational $limit, public bool $isExact)
    {
    }

    /**
     * @param array<int, BigRational> $factors
     */
    public static function atMost(array $factors, BigRational $limit): self
    {
        return new self($factors, $limit, false);
    }

    /**
     * @param array<int, BigRational> $factors
     */
    public static function exactly(array $factors, BigRational $limit): self
    {
        return new self($factors, $limit, true);
    }
}
