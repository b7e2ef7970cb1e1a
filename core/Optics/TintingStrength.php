<?php

declare(strict_types=1);

namespace Inlaid\Core\Optics;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;

/**
 * How many times more a paint tints others than its hiding tells: a coat of black hides as well as one of grey, but a drop of it does far
 * more.
 *
 * Where a material states what one part in nine of white looks like, that tells it, and the factor is 1. Else it is that of typical
 * pigments, weighed by how near their full colours are (1 ÷ ΔE²); each such that one part in nine of a plain white is as light as its
 * typical tint.
 */
final class TintingStrength
{
    /**
     * Full colours of typical pigments in paint, and the factor that makes their typical tint (L* 57 of black, 64 to 69 of deep colours …).
     */
    private const PIGMENTS = [
        '#1d1b1b' => 13.4,
        '#14284e' => 7.7,
        '#22398a' => 8.1,
        '#7d2c1c' => 6.5,
        '#4a3424' => 6.6,
        '#1f4a35' => 7.0,
        '#b0241f' => 3.7,
        '#5b6b73' => 2.4,
        '#b98a2f' => 2.8,
        '#e0b020' => 1.8,
        '#d8cfc0' => 1.1,
        '#f3f1ec' => 1.0,
    ];
    private const SAME = 0.5;

    /** @var array<string, float> by full colour */
    private static array $found = [];
    /** @var array<string, Lab> */
    private static array $pigments = [];

    public static function of(Material $material): float
    {
        $look = $material->look;
        $colour = $look->believed();

        return LookKind::Opaque !== $look->kind || null !== $look->tint || null === $colour
            ? 1.0
            : self::$found[$colour->hex] ??= self::nearest($colour);
    }

    private static function nearest(Colour $colour): float
    {
        $lab = Lab::of($colour);
        $sum = $weights = 0.0;
        foreach (self::PIGMENTS as $hex => $times) {
            $far = max(self::SAME, DeltaE2000::between($lab, self::$pigments[$hex] ??= Lab::of(Colour::of($hex))));
            $sum += $times / $far ** 2;
            $weights += 1 / $far ** 2;
        }

        return $sum / $weights;
    }
}
