<?php

declare(strict_types=1);

namespace Inlaid\Core\Layout;

/**
 * Where things lie along a length.
 *
 * Immutable. `spans` from and to, mm, in order; `gap` between two as it was made, mm; `each` the width of a whole one.
 */
final readonly class SharedOut
{
    /**
     * @param list<array{float, float}> $spans
     */
    public function __construct(public array $spans, public float $gap, public float $each)
    {
    }

    public function isWhole(int $i): bool
    {
        return $this->spans[$i][1] - $this->spans[$i][0] > $this->each - 1e-6;
    }

    /** How many of them are cut. */
    public function cut(): int
    {
        return \count(array_filter(array_keys($this->spans), fn (int $i): bool => !$this->isWhole($i)));
    }

    /**
     * @return list<float> both edges of each, those at the very end left out
     */
    public function edges(float $length): array
    {
        return array_values(array_filter(array_merge(...$this->spans), static fn (float $at): bool => $at > 1e-6 && $at < $length - 1e-6));
    }

    /**
     * @return list<float> the middle of each whole one
     */
    public function middles(): array
    {
        return array_map(
            fn (int $i): float => ($this->spans[$i][0] + $this->spans[$i][1]) / 2,
            array_values(array_filter(array_keys($this->spans), $this->isWhole(...))),
        );
    }
}
