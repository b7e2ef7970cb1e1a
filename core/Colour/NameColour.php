<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * What a painter would call a colour across the room: how light, how strong, and which.
 *
 * By bands of L*, C* and h of L*a*b*, set by eye; browns are dark oranges, creams pale ones, olives dark yellows.
 */
final class NameColour
{
    /** Hue angles up to which a colour is called so. */
    private const HUES = [
        18 => 'pink',
        42 => 'red',
        66 => 'orange',
        84 => 'ochre',
        106 => 'yellow',
        128 => 'green',
        168 => 'green',
        200 => 'blue-green',
        232 => 'blue-green',
        286 => 'blue',
        325 => 'violet',
        350 => 'plum',
        361 => 'pink',
    ];

    public static function of(Lab $lab): string
    {
        $chroma = hypot($lab->a, $lab->b);
        $hue = fmod(rad2deg(atan2($lab->b, $lab->a)) + 360, 360);
        if ($chroma < 5) {
            return match (true) {
                $lab
                    ->l < 16 => 'black', $lab
                    ->l < 38 => 'dark grey', $lab
                    ->l < 62 => 'mid grey', $lab
                    ->l < 84 => 'light grey', $lab
                    ->l < 95 => 'off-white', default => 'white',
            };
        }
        $light = match (true) {
            $lab->l < 16 => 'blackish', $lab->l < 38 => 'dark', $lab->l < 62 => 'mid', $lab->l < 84 => 'light', default => 'pale',
        };

        return $light.($chroma < 11 ? ' greyish ' : ' ').self::hue($lab->l, $chroma, $hue);
    }

    private static function hue(float $l, float $chroma, float $hue): string
    {
        if ($hue >= 42 && $hue < 84 && $l < 55) {
            return 'brown';
        }
        if ($hue >= 60 && $hue < 110 && $chroma < 30 && $l >= 55) {
            return $l >= 80 ? 'cream' : 'sand';
        }
        if ($hue >= 84 && $hue < 118 && $l < 62) {
            return 'olive';
        }
        foreach (self::HUES as $until => $name) {
            if ($hue < $until) {
                return 'pink' === $name && $l < 55 ? 'red' : $name;
            }
        }

        return 'red';
    }
}
