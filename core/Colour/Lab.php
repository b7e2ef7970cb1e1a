<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * A colour as the eye compares it: CIE L*a*b* under D65 for the 2° observer.
 *
 * Immutable. `l` lightness 0 to 100; `a` from green to red, `b` from blue to yellow.
 */
final readonly class Lab
{
    /** Linear sRGB to XYZ (IEC 61966-2-1), and the white it is relative to: its row sums, so that white has no hue at all. */
    private const XYZ = [[0.4123908, 0.3575843, 0.1804808], [0.2126390, 0.7151687, 0.0721923], [0.0193308, 0.1191948, 0.9505322]];

    /** Back from XYZ, to seven digits. */
    private const RGB = [[3.2409699, -1.5373832, -0.4986108], [-0.9692436, 1.8759675, 0.0415551], [0.0556301, -0.2039770, 1.0569715]];

    public function __construct(public float $l, public float $a, public float $b)
    {
    }

    public static function of(Colour $colour): self
    {
        return self::ofLight(Light::of($colour));
    }

    /** Unclipped: light may be less than none or more than white. */
    public static function ofLight(Light $light): self
    {
        return self::ofRelative(...self::relative($light));
    }

    /**
     * X, Y and Z, each as a share of the white's.
     *
     * @return array{float, float, float}
     */
    public static function relative(Light $light): array
    {
        [$r, $g, $b] = [$light->red, $light->green, $light->blue];
        [[$xr, $xg, $xb], [$yr, $yg, $yb], [$zr, $zg, $zb]] = self::XYZ;

        return [
            ($xr * $r + $xg * $g + $xb * $b) / ($xr + $xg + $xb),
            ($yr * $r + $yg * $g + $yb * $b) / ($yr + $yg + $yb),
            ($zr * $r + $zg * $g + $zb * $b) / ($zr + $zg + $zb),
        ];
    }

    /** Of X, Y and Z as shares of the white's. */
    public static function ofRelative(float $x, float $y, float $z): self
    {
        [$x, $y, $z] = [self::f($x), self::f($y), self::f($z)];

        return new self(116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z));
    }

    /** The plain distance, ΔE*ab: where colours are so far apart that CIEDE2000 says little. */
    public function distance(self $other): float
    {
        return sqrt(($this->l - $other->l) ** 2 + ($this->a - $other->a) ** 2 + ($this->b - $other->b) ** 2);
    }

    /** Unclipped: what no picture can show is less than none or more than white. */
    public function light(): Light
    {
        $y = ($this->l + 16) / 116;
        $relative = [self::inverse($y + $this->a / 500), self::inverse($y), self::inverse($y - $this->b / 200)];
        $xyz = array_map(static fn (float $share, array $row): float => $share * array_sum($row), $relative, self::XYZ);

        return new Light(...array_map(
            static fn (array $row): float => $row[0] * $xyz[0] + $row[1] * $xyz[1] + $row[2] * $xyz[2],
            self::RGB,
        ));
    }

    /** The luminance of an L*, white being 1. */
    public static function luminance(float $l): float
    {
        return self::inverse(($l + 16) / 116);
    }

    private static function inverse(float $f): float
    {
        return $f > 6 / 29 ? $f ** 3 : (116 * $f - 16) / (29 / 3) ** 3;
    }

    /** Cube root, but straight near black (CIE 15:2004, ε = (6/29)³, κ = (29/3)³). */
    private static function f(float $t): float
    {
        return $t > (6 / 29) ** 3 ? $t ** (1 / 3) : ($t * (29 / 3) ** 3 + 16) / 116;
    }
}
