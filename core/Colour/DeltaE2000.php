<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * The difference the eye sees between two colours, CIEDE2000 (CIE 142-2001), with the parametric factors k all 1.
 *
 * About 1 is just seen side by side; 2 to 3 passes at arm's length; beyond 5 they are two colours. Symbols as in the standard. Two traps:
 * the
 * hue of a grey is 0, and the mean of two hues goes the short way round.
 */
final class DeltaE2000
{
    private const POW7 = 25 ** 7;
    private const SIN60 = 0.8660254037844386;

    public static function between(Lab $one, Lab $other): float
    {
        $mean = (hypot($one->a, $one->b) + hypot($other->a, $other->b)) / 2;
        $g = 0.5 * (1 - sqrt($mean ** 7 / ($mean ** 7 + self::POW7)));
        [$a1, $a2] = [(1 + $g) * $one->a, (1 + $g) * $other->a];
        [$c1, $c2] = [hypot($a1, $one->b), hypot($a2, $other->b)];
        [$h1, $h2] = [self::hue($a1, $one->b), self::hue($a2, $other->b)];

        $apart = $h2 - $h1;
        $dh = match (true) {
            0.0 === $c1 * $c2 => 0.0,
            $apart > 180 => $apart - 360,
            $apart < -180 => $apart + 360,
            default => $apart,
        };
        $h = match (true) {
            0.0 === $c1 * $c2 => $h1 + $h2,
            abs($apart) <= 180 => ($h1 + $h2) / 2,
            $h1 + $h2 < 360 => ($h1 + $h2 + 360) / 2,
            default => ($h1 + $h2 - 360) / 2,
        };
        [$l, $c] = [($one->l + $other->l) / 2, ($c1 + $c2) / 2];
        $t = 1 - 0.17 * self::cos($h - 30) + 0.24 * self::cos(2 * $h) + 0.32 * self::cos(3 * $h + 6) - 0.20 * self::cos(4 * $h - 63);
        $sl = self::sl($l);
        $sc = 1 + 0.045 * $c;
        $sh = 1 + 0.015 * $c * $t;
        $rt = -2 * sqrt($c ** 7 / ($c ** 7 + self::POW7)) * sin(deg2rad(60 * exp(-(($h - 275) / 25) ** 2)));

        $dL = ($other->l - $one->l) / $sl;
        $dC = ($c2 - $c1) / $sc;
        $dH = 2 * sqrt($c1 * $c2) * sin(deg2rad($dh / 2)) / $sh;

        return sqrt(max(0.0, $dL ** 2 + $dC ** 2 + $dH ** 2 + $rt * $dC * $dH));
    }

    /**
     * No more than the difference, and reckoned without any angle: of the rotation term the worst is taken, |R_T| ≤ 2 sin 60° √(C̄′⁷ ÷
     * (C̄′⁷ + 25⁷)), of the weights the largest, S_C ≥ S_H, and C̄′ ≤ 1.5 C̄.
     */
    public static function atLeast(Lab $one, Lab $other): float
    {
        $c = 0.75 * (hypot($one->a, $one->b) + hypot($other->a, $other->b));
        $worst = 2 * self::SIN60 * sqrt($c ** 7 / ($c ** 7 + self::POW7));

        return sqrt(
            (
                ($other->l - $one->l) / self::sl(($one->l + $other->l) / 2)
            ) ** 2 + (1 - $worst / 2) * (($other->a - $one->a) ** 2 + ($other->b - $one->b) ** 2) / (1 + 0.045 * $c) ** 2,
        );
    }

    /** The weight of lightness, S_L: 1 in the middle, 1.747 at the ends. */
    public static function sl(float $meanL): float
    {
        return 1 + 0.015 * ($meanL - 50) ** 2 / sqrt(20 + ($meanL - 50) ** 2);
    }

    private static function hue(float $a, float $b): float
    {
        return 0.0 === $a && 0.0 === $b ? 0.0 : fmod(rad2deg(atan2($b, $a)) + 360, 360);
    }

    private static function cos(float $degrees): float
    {
        return cos(deg2rad($degrees));
    }
}
