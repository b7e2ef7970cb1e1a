<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;

/**
 * What is to be poured of everything, and what it then yields.
 *
 * Immutable. `yield` in ml.
 */
final readonly class Pouring
{
    /**
     * @param non-empty-list<Portion> $targets in pouring order
     */
    public function __construct(public BigRational $yield, public array $targets)
    {
    }
}
