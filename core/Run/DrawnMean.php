<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

/**
 * The mean of what was observed, drawn toward nothing while there is little of it, and how far off it may be nine times in ten.
 *
 * Immutable. By a normal prior about 0: of n values with the mean m and the spread s the mean is m·n ÷ (n + s² ÷ p²), give or take
 * 1.645·√(1 ÷ (n ÷ s² + 1 ÷ p²)).
 */
final readonly class DrawnMean
{
    private const NINE_IN_TEN = 1.645;

    private function __construct(public float $mean, public float $within)
    {
    }

    /**
     * @param non-empty-list<float|int> $values
     * @param float                     $spread the least that their spread is taken to be
     * @param float                     $prior  spread of what is likely before anything was observed
     */
    public static function of(array $values, float $spread, float $prior): self
    {
        $count = \count($values);
        $mean = array_sum($values) / $count;
        $variance = max(
            $spread ** 2,
            array_sum(array_map(static fn (float|int $v): float => ($v - $mean) ** 2, $values)) / max(1, $count - 1),
        );

        return new self(
            $mean * $count / ($count + $variance / $prior ** 2),
            self::NINE_IN_TEN * sqrt(1 / ($count / $variance + 1 / $prior ** 2)),
        );
    }
}
