<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\ExactNumber;

/**
 * A batch of a mix: what to put in, in pouring order, and what it yields in ml.
 *
 * Immutable. The lines' volumes sum to the yield exactly.
 */
final readonly class Batch
{
    /**
     * @param non-empty-list<BatchLine> $lines
     */
    public function __construct(public BigRational $yield, public array $lines)
    {
    }

    public function mass(): BigRational
    {
        return ExactNumber::sum(array_map(static fn (BatchLine $l): BigRational => $l->mass, $this->lines));
    }

    /**
     * What the batch costs, or null where a material has no known price.
     */
    public function cost(): ?float
    {
        return Material::cost(array_map(static fn (BatchLine $l): array => [$l->material, $l->mass], $this->lines));
    }
}
