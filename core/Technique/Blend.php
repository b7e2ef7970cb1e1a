<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * Where several colours that are blended into one another are full, from 0 to 1 along the way of the blend, and which of them is meant.
 *
 * Immutable. Between two neighbours each runs out over a third of their distance, round the middle between them: at every place all colours
 * together are one coat.
 */
final readonly class Blend
{
    /** Half the run between two neighbours, of their distance; and into how many steps it is cut. */
    private const RUN = 0.16;
    private const STEPS = 4;

    /**
     * @param non-empty-list<float> $at    in order
     * @param int                   $which of them
     */
    public function __construct(public array $at, public int $which)
    {
    }

    /**
     * How much of a coat this colour is, in the order in which it lies along the way.
     *
     * @return non-empty-list<array{float, float}> shares and amounts
     */
    public function levels(): array
    {
        $levels = [];
        $from = 0.0;
        for ($i = 1, $n = \count($this->at); $i < $n; ++$i) {
            [$before, $after] = [$this->at[$i - 1], $this->at[$i]];
            $middle = ($before + $after) / 2;
            $run = self::RUN * ($after - $before);
            $levels[] = [$middle - $run - $from, $this->which === $i - 1 ? 1.0 : 0.0];
            for ($k = 1; $k <= self::STEPS; ++$k) {
                $next = ($k - 0.5) / self::STEPS;
                $levels[] = [2 * $run / self::STEPS, match ($this->which) {
                    $i - 1 => 1 - $next, $i => $next, default => 0.0,
                }];
            }
            $from = $middle + $run;
        }
        $levels[] = [1 - $from, $this->which === \count($this->at) - 1 ? 1.0 : 0.0];

        return array_values(array_filter($levels, static fn (array $l): bool => $l[0] > 1e-9)) ?: [[1.0, 1.0]];
    }

    /** Its share of the coat. */
    public function share(): float
    {
        return array_sum(array_map(static fn (array $l): float => $l[0] * $l[1], $this->levels()));
    }
}
