<?php

declare(strict_types=1);

namespace Inlaid\Core\Film;

/**
 * Works out sections from the open time.
 *
 * One person lays a section and works it in the order in which it was laid, beginning as late as the dwell asks. Of a section with the
 * times l to lay and w to work, a place at the share x of it waits l (1 − x) + w x and what the beginning is put off by, d − min(l, w) at
 * least: so the longest wait is max(l, w) + max(0, d − min(l, w)), and must be no more than the open time, to half a minute. A helper works
 * at the pace of laying, d behind: every place waits just d, unless working is slower than laying, when the last waits w − l longer.
 */
final class ShareIntoSections
{
    /** Of the hands-on time of a coat that is worked wet, so much is laying; typical. */
    public const LAYING = 2 / 3;
    private const MOST = 500;
    /** Open times and dwells are stated to the minute: half of one more or less is as stated. */
    private const STATED = 0.5;

    /**
     * @param float $area  m² in all
     * @param float $lay   minutes to lay all of it
     * @param float $work  minutes to work all of it, without the dwell
     * @param int   $dwell minutes it is to be left wet
     * @param int   $open  minutes it stays wet
     */
    public function share(float $area, float $lay, float $work, int $dwell, int $open): Sections
    {
        $count = self::least(static fn (int $n): float => self::longest($lay / $n, $work / $n, $dwell), $open);
        $helped = self::least(static fn (int $n): float => $dwell + max(0.0, ($work - $lay) / $n), $open);

        return new Sections(
            count: $count,
            area: null === $count ? null : $area / $count,
            withHelper: $helped,
            mistEvery: 1 === $count || $open < 2 ? null : $open,
        );
    }

    /** The longest that any place of a section is left, minutes. */
    public static function longest(float $lay, float $work, float $dwell): float
    {
        return max($lay, $work) + max(0.0, $dwell - min($lay, $work));
    }

    /**
     * @param \Closure(int): float $longest with so many sections; never more with more of them
     */
    private static function least(\Closure $longest, int $open): ?int
    {
        for ($n = 1; $n <= self::MOST; ++$n) {
            if ($longest($n) <= $open + self::STATED) {
                return $n;
            }
        }

        return null;
    }
}
