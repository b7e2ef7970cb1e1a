<?php

declare(strict_types=1);

namespace Inlaid\Core\Film;

/**
 * Papers in their order: a finer one takes out the scratches of the one before, unless its particles are too small for it.
 *
 * Mean particle sizes of the P scale of abrasives on paper, in µm.
 */
final class GritLadder
{
    private const PARTICLE = [
        40 => 425,
        60 => 269,
        80 => 201,
        100 => 162,
        120 => 125,
        150 => 100,
        180 => 82,
        220 => 68,
        240 => 58.5,
        280 => 52.2,
        320 => 46.2,
        400 => 35,
        600 => 25.8,
    ];

    /** The largest step from one paper to the next, as a ratio of particle sizes; general craft says about one half. */
    private const LARGEST_STEP = 2.05;

    /**
     * Mean particle size in µm of the paper nearest to a grit.
     */
    public static function particle(int $grit): float
    {
        $nearest = array_key_first(self::PARTICLE);
        foreach (array_keys(self::PARTICLE) as $known) {
            $nearest = abs($known - $grit) < abs($nearest - $grit) ? $known : $nearest;
        }

        return (float) self::PARTICLE[$nearest];
    }

    /**
     * What bare wood takes up after a last paper, against 180: a finer scratch takes up less. Typical, by interpolation.
     */
    public static function uptake(int $grit): float
    {
        return max(0.75, min(1.2, 1.0 - 0.19 * log($grit / 180, 2)));
    }

    public static function isGap(int $from, int $to): bool
    {
        return $to > $from && self::particle($from) / self::particle($to) > self::LARGEST_STEP;
    }

    /**
     * The paper between two whose particles lie nearest their geometric mean; the finer one where there is none.
     */
    public static function between(int $from, int $to): int
    {
        $middle = sqrt(self::particle($from) * self::particle($to));
        $known = array_values(array_filter(array_keys(self::PARTICLE), static fn (int $grit): bool => $grit > $from && $grit < $to));
        usort($known, static fn (int $a, int $b): int => abs(log(self::PARTICLE[$a] / $middle)) <=> abs(log(self::PARTICLE[$b] / $middle)));

        return $known[0] ?? $to;
    }

    /**
     * As few papers as lead from one to another without a gap, both included.
     *
     * @return non-empty-list<int>
     */
    public static function from(int $first, int $last): array
    {
        $papers = [$first];
        while ($papers[\count($papers) - 1] < $last) {
            $now = $papers[\count($papers) - 1];
            $reach = array_filter(
                array_keys(self::PARTICLE),
                static fn (int $g): bool => $g > $now && $g < $last && !self::isGap($now, $g),
            );
            $papers[] = !self::isGap($now, $last) || [] === $reach ? $last : max($reach);
        }

        return $papers;
    }
}
