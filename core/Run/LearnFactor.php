<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

/**
 * Learns from what was noted how this painter differs from what is typical: how long a technique takes, how long a material dries, how far
 * it goes.
 *
 * The ratios of observed to typical are taken to be log-normal; their mean is drawn toward 1 while there are few (a normal prior): of n
 * logarithms with the spread s the mean is Σ ln r ÷ (n + s² ÷ 0.4²), give or take √(1 ÷ (n ÷ s² + 1 ÷ 0.4²)); s is at least 0.25. Nine
 * times in ten: 1.645 of that to each side. Typical figures, both.
 */
final class LearnFactor
{
    private const PRIOR = 0.4;
    private const SPREAD = 0.25;
    private const NINE_IN_TEN = 1.645;
    /** What is this many times off was not that: dinner lay between, or it was noted afterwards. */
    private const ABSURD = 6.0;

    /**
     * @param list<array{string, float}> $observed of what, and observed ÷ typical
     *
     * @return array<string, Factor> by what it is of
     */
    public function learn(array $observed): array
    {
        $by = [];
        foreach ($observed as [$of, $ratio]) {
            if ($ratio > 1 / self::ABSURD && $ratio < self::ABSURD) {
                $by[$of][] = log($ratio);
            }
        }
        $factors = [];
        foreach ($by as $of => $logs) {
            $count = \count($logs);
            $mean = array_sum($logs) / $count;
            $variance = max(
                self::SPREAD ** 2,
                array_sum(array_map(static fn (float $l): float => ($l - $mean) ** 2, $logs)) / max(1, $count - 1),
            );
            $drawn = $mean * $count / ($count + $variance / self::PRIOR ** 2);
            $within = self::NINE_IN_TEN * sqrt(1 / ($count / $variance + 1 / self::PRIOR ** 2));
            $factors[$of] = new Factor(
                of: $of,
                factor: round(exp($drawn), 3),
                low: round(exp($drawn - $within), 3),
                high: round(exp($drawn + $within), 3),
                count: $count,
            );
        }
        ksort($factors);

        return $factors;
    }
}
