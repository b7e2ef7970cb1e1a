<?php

declare(strict_types=1);

namespace Inlaid\Core\Layout;

/**
 * Millimetres as they are told: whole where they are marked, to a tenth where they are a gap.
 */
final class Millimetres
{
    public static function plain(float $mm): string
    {
        $rounded = round($mm, 1);

        return $rounded === round($rounded) ? (string) (int) $rounded : \sprintf('%.1F', $rounded);
    }
}
