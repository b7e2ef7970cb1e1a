<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Material\Material;

/**
 * A batch in whole measures: what it yields, how far off the ratio it is and how much more than needed it makes.
 *
 * Immutable. `yield` and `surplus` in ml; `error` is the largest |share ÷ wanted − 1| over the ingredients; `smallest` whether it is
 * proved that no smaller one keeps to the tolerance.
 */
final readonly class MeasuredBatch
{
    /**
     * @param non-empty-list<MeasuredLine> $lines in pouring order
     */
    public function __construct(
        public BigRational $yield,
        public BigRational $surplus,
        public BigRational $error,
        public array $lines,
        public bool $smallest = true,
    ) {
    }

    /**
     * What it costs, or null where a material has no known price.
     */
    public function cost(): ?float
    {
        return Material::cost(array_map(static fn (MeasuredLine $l): array => [$l->material, $l->grams()], $this->lines));
    }

    public function perhapsNotSmallest(): self
    {
        return new self(yield: $this->yield, surplus: $this->surplus, error: $this->error, lines: $this->lines, smallest: false);
    }

    public function fills(): int
    {
        return array_sum(array_map(static fn (MeasuredLine $l): int => $l->fills(), $this->lines));
    }
}
