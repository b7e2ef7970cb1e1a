<?php

declare(strict_types=1);

namespace Inlaid\Core\Measure;

/**
 * A time as it is said of drying: nobody reads 43200 min.
 */
final class Duration
{
    /** "45 min", "4.6 h", "30 days". */
    public static function inWords(float $minutes): string
    {
        return match (true) {
            $minutes < 90 => ExactNumber::plain(round($minutes)).' min',
            $minutes < 2880 => ExactNumber::plain(round($minutes / 60, 1), 1).' h',
            default => ExactNumber::plain(round($minutes / 1440, 1), 1).' days',
        };
    }
}
