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
    /** What is this many times off was not that: dinner lay between, or it was noted afterwards. */
    private const ABSURD = 6.0;

    /**
     * @param list<Observed> $observed
     *
     * @return array<string, Factor> by what it is of
     */
    public function learn(array $observed): array
    {
        $by = [];
        foreach (array_filter($observed, self::tells(...)) as $o) {
            $by[$o->of][] = log($o->ratio());
        }
        $factors = [];
        foreach ($by as $of => $logs) {
            $drawn = DrawnMean::of($logs, self::SPREAD, self::PRIOR);
            $factors[$of] = new Factor(
                of: $of,
                factor: round(exp($drawn->mean), 3),
                low: round(exp($drawn->mean - $drawn->within), 3),
                high: round(exp($drawn->mean + $drawn->within), 3),
                count: \count($logs),
            );
        }
        ksort($factors);

        return $factors;
    }

    /** Is it near enough to what is typical to tell something of it? */
    public static function tells(Observed $o): bool
    {
        return $o->ratio() > 1 / self::ABSURD && $o->ratio() < self::ABSURD;
    }
}
