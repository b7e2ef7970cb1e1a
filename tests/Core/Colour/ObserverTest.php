<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Colour;

use Inlaid\Core\Colour\Observer;
use PHPUnit\Framework\TestCase;

/**
 * The observer's figures, derived again from the tables of the standards: the colour matching functions and D65 of CIE 015:2018, and the
 * matrices of IEC 61966-2-1.
 */
final class ObserverTest extends TestCase
{
    private const X = [
        0.001368, 0.004243, 0.014310, 0.043510, 0.134380, 0.283900, 0.348280, 0.336200, 0.290800, 0.195360, 0.095640, 0.032010,
        0.004900, 0.009300, 0.063270, 0.165500, 0.290400, 0.433450, 0.594500, 0.762100, 0.916300, 1.026300, 1.062200, 1.002600,
        0.854450, 0.642400, 0.447900, 0.283500, 0.164900, 0.087400, 0.046770, 0.022700, 0.011359, 0.005790, 0.002899, 0.001440,
    ];
    private const Y = [
        0.000039, 0.000120, 0.000396, 0.001210, 0.004000, 0.011600, 0.023000, 0.038000, 0.060000, 0.090980, 0.139020, 0.208020,
        0.323000, 0.503000, 0.710000, 0.862000, 0.954000, 0.994950, 0.995000, 0.952000, 0.870000, 0.757000, 0.631000, 0.503000,
        0.381000, 0.265000, 0.175000, 0.107000, 0.061000, 0.032000, 0.017000, 0.008210, 0.004102, 0.002091, 0.001047, 0.000520,
    ];
    private const Z = [
        0.006450, 0.020050, 0.067850, 0.207400, 0.645600, 1.385600, 1.747060, 1.772110, 1.669200, 1.287640, 0.812950, 0.465180,
        0.272000, 0.158200, 0.078250, 0.042160, 0.020300, 0.008750, 0.003900, 0.002100, 0.001650, 0.001100, 0.000800, 0.000340,
        0.000190, 0.000050, 0.000020, 0.000000, 0.000000, 0.000000, 0.000000, 0.000000, 0.000000, 0.000000, 0.000000, 0.000000,
    ];
    private const D65 = [
        49.9755, 54.6482, 82.7549, 91.4860, 93.4318, 86.6823, 104.8650, 117.0080, 117.8120, 114.8610, 115.9230, 108.8110,
        109.3540, 107.8020, 104.7900, 107.6890, 104.4050, 104.0460, 100.0000, 96.3342, 95.7880, 88.6856, 90.0062, 89.5991,
        87.6987, 83.2886, 83.6992, 80.0268, 80.2146, 82.2778, 78.2842, 69.7213, 71.6091, 74.3490, 61.6040, 69.8856,
    ];
    /** XYZ to linear sRGB (IEC 61966-2-1). */
    private const SRGB = [[3.2409699, -1.5373832, -0.4986108], [-0.9692436, 1.8759675, 0.0415551], [0.0556301, -0.2039770, 1.0569715]];

    public function testTheWeightsAreThoseOfTheStandards(): void
    {
        $rows = [];
        foreach (self::SRGB as [$x, $y, $z]) {
            $row = [];
            foreach (self::D65 as $i => $power) {
                $row[] = $power * ($x * self::X[$i] + $y * self::Y[$i] + $z * self::Z[$i]);
            }
            $rows[] = array_map(static fn (float $w): float => $w / array_sum($row), $row);
        }
        foreach ($rows as $k => $row) {
            self::assertCount(Observer::BANDS, Observer::WEIGHTS[$k]);
            self::assertEqualsWithDelta($row, Observer::WEIGHTS[$k], 1e-15);
            self::assertEqualsWithDelta(1.0, array_sum(Observer::WEIGHTS[$k]), 1e-12);
        }
    }

    /** X, Y and Z of a band against the white's: the bands that an equal share of light falls on sum to the white. */
    public function testWhatEachBandAddsToTheEyeIsTheMatchingFunctionUnderDaylight(): void
    {
        foreach ([self::X, self::Y, self::Z] as $k => $function) {
            $sum = array_sum(array_map(static fn (float $f, float $power): float => $f * $power, $function, self::D65));
            $row = array_map(static fn (float $f, float $power): float => $f * $power / $sum, $function, self::D65);
            self::assertEqualsWithDelta(1.0, array_sum(Observer::RELATIVE[$k]), 1e-4);
            // The way there is over linear sRGB, whose primaries are rounded to four digits.
            self::assertEqualsWithDelta($row, Observer::RELATIVE[$k], 3e-4);
        }
    }

    public function testTheWhitePointIsThatOfDaylight(): void
    {
        [$x, $y, $z] = array_map(
            static fn (array $f): float => array_sum(array_map(static fn (float $v, float $power): float => $v * $power, $f, self::D65)),
            [self::X, self::Y, self::Z],
        );
        self::assertEqualsWithDelta(0.3127, $x / ($x + $y + $z), 5e-4);
        self::assertEqualsWithDelta(0.3291, $y / ($x + $y + $z), 5e-4);
    }
}
