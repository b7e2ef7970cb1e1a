<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Colour;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\CompareColours;
use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\Lab;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Colours as the eye compares them, against pairs published to check implementations of the formula, and against what must hold for any
 * two.
 */
final class DeltaETest extends TestCase
{
    use Randomly;

    /**
     * The 34 pairs published with the formula to tell known mistakes apart: hues across 0°, greys, blues, near blacks (G. Sharma, W. Wu, E.
     * N. Dalal, 2005).
     *
     * @return iterable<array{array{float, float, float}, array{float, float, float}, float}>
     */
    public static function pairs(): iterable
    {
        yield [[50.0, 2.6772, -79.7751], [50.0, 0.0, -82.7485], 2.0425];
        yield [[50.0, 3.1571, -77.2803], [50.0, 0.0, -82.7485], 2.8615];
        yield [[50.0, 2.8361, -74.0200], [50.0, 0.0, -82.7485], 3.4412];
        yield [[50.0, -1.3802, -84.2814], [50.0, 0.0, -82.7485], 1.0000];
        yield [[50.0, -1.1848, -84.8006], [50.0, 0.0, -82.7485], 1.0000];
        yield [[50.0, -0.9009, -85.5211], [50.0, 0.0, -82.7485], 1.0000];
        yield [[50.0, 0.0, 0.0], [50.0, -1.0, 2.0], 2.3669];
        yield [[50.0, -1.0, 2.0], [50.0, 0.0, 0.0], 2.3669];
        yield [[50.0, 2.4900, -0.0010], [50.0, -2.4900, 0.0009], 7.1792];
        yield [[50.0, 2.4900, -0.0010], [50.0, -2.4900, 0.0010], 7.1792];
        yield [[50.0, 2.4900, -0.0010], [50.0, -2.4900, 0.0011], 7.2195];
        yield [[50.0, 2.4900, -0.0010], [50.0, -2.4900, 0.0012], 7.2195];
        yield [[50.0, -0.0010, 2.4900], [50.0, 0.0009, -2.4900], 4.8045];
        yield [[50.0, -0.0010, 2.4900], [50.0, 0.0010, -2.4900], 4.8045];
        yield [[50.0, -0.0010, 2.4900], [50.0, 0.0011, -2.4900], 4.7461];
        yield [[50.0, 2.5000, 0.0], [50.0, 0.0, -2.5000], 4.3065];
        yield [[50.0, 2.5000, 0.0], [73.0, 25.0, -18.0], 27.1492];
        yield [[50.0, 2.5000, 0.0], [61.0, -5.0, 29.0], 22.8977];
        yield [[50.0, 2.5000, 0.0], [56.0, -27.0, -3.0], 31.9030];
        yield [[50.0, 2.5000, 0.0], [58.0, 24.0, 15.0], 19.4535];
        yield [[50.0, 2.5000, 0.0], [50.0, 3.1736, 0.5854], 1.0000];
        yield [[50.0, 2.5000, 0.0], [50.0, 3.2972, 0.0], 1.0000];
        yield [[50.0, 2.5000, 0.0], [50.0, 1.8634, 0.5757], 1.0000];
        yield [[50.0, 2.5000, 0.0], [50.0, 3.2592, 0.3350], 1.0000];
        yield [[60.2574, -34.0099, 36.2677], [60.4626, -34.1751, 39.4387], 1.2644];
        yield [[63.0109, -31.0961, -5.8663], [62.8187, -29.7946, -4.0864], 1.2630];
        yield [[61.2901, 3.7196, -5.3901], [61.4292, 2.2480, -4.9620], 1.8731];
        yield [[35.0831, -44.1164, 3.7933], [35.0232, -40.0716, 1.5901], 1.8645];
        yield [[22.7233, 20.0904, -46.6940], [23.0331, 14.9730, -42.5619], 2.0373];
        yield [[36.4612, 47.8580, 18.3852], [36.2715, 50.5065, 21.2231], 1.4146];
        yield [[90.8027, -2.0831, 1.4410], [91.1528, -1.6435, 0.0447], 1.4441];
        yield [[90.9257, -0.5406, -0.9208], [88.6381, -0.8985, -0.7239], 1.5381];
        yield [[6.7747, -0.2908, -2.4247], [5.8714, -0.0985, -2.2286], 0.6377];
        yield [[2.0776, 0.0795, -1.1350], [0.9033, -0.0636, -0.5514], 0.9082];
    }

    /**
     * @param array{float, float, float} $one
     * @param array{float, float, float} $other
     */
    #[DataProvider('pairs')]
    public function testPublishedPairs(array $one, array $other, float $difference): void
    {
        self::assertEqualsWithDelta($difference, DeltaE2000::between(new Lab(...$one), new Lab(...$other)), 5e-5);
        self::assertEqualsWithDelta($difference, DeltaE2000::between(new Lab(...$other), new Lab(...$one)), 5e-5, 'either way');
    }

    /** The bound that matching prunes by never says more than the difference, and often nearly as much. */
    public function testTheQuickBoundIsOne(): void
    {
        $nearly = 0;
        $this->manyTimes(2000, function () use (&$nearly): void {
            $one = new Lab($this->float(0, 100), $this->float(-90, 90), $this->float(-90, 90));
            $other = new Lab($one->l + $this->float(-15, 15), $one->a + $this->float(-15, 15), $one->b + $this->float(-15, 15));
            $apart = DeltaE2000::between($one, $other);
            self::assertLessThanOrEqual($apart + 1e-9, DeltaE2000::atLeast($one, $other));
            $nearly += DeltaE2000::atLeast($one, $other) > 0.5 * $apart ? 1 : 0;
        });
        self::assertGreaterThan(600, $nearly);
    }

    public function testKnownColours(): void
    {
        foreach ([
            ['#ffffff', 100.0, 0.0, 0.0],
            ['#000000', 0.0, 0.0, 0.0],
            ['#ff0000', 53.24, 80.09, 67.20],
            ['#808080', 53.585, 0.0, 0.0],
        ] as [$hex, $l, $a, $b]) {
            $lab = Lab::of(Colour::of($hex));
            self::assertEqualsWithDelta($l, $lab->l, 0.02, $hex);
            self::assertEqualsWithDelta($a, $lab->a, 0.02, $hex);
            self::assertEqualsWithDelta($b, $lab->b, 0.03, $hex);
        }
    }

    /**
     * A colour differs from itself by nothing, from another by the same either way; greys have no hue; and lighter is lighter.
     */
    public function testWhatHoldsForAnyTwo(): void
    {
        $this->manyTimes(200, function (): void {
            $hex = fn (): string => \sprintf('#%06x', $this->int(0, 0xFFFFFF));
            [$one, $other] = [Lab::of(Colour::of($hex())), Lab::of(Colour::of($hex()))];
            self::assertEqualsWithDelta(0.0, DeltaE2000::between($one, $one), 1e-9);
            self::assertEqualsWithDelta(DeltaE2000::between($one, $other), DeltaE2000::between($other, $one), 1e-9);
            $grey = dechex(16 * $this->int(1, 15) + $this->int(0, 15));
            $lab = Lab::of(Colour::of('#'.$grey.$grey.$grey));
            self::assertEqualsWithDelta(0.0, hypot($lab->a, $lab->b), 1e-6);
            self::assertContains(
                $one->l > $other->l + 1.5 ? 'lighter' : ($one->l < $other->l - 1.5 ? 'darker' : null),
                [...CompareColours::words($one, $other), null],
            );
        });
        self::assertSame(['darker', 'redder'], CompareColours::words(new Lab(40, 12, 20), new Lab(60, 5, 20.5)));
        self::assertSame(['bluer'], CompareColours::words(new Lab(40, 12, 10), new Lab(41, 12, 20)));
        self::assertSame([], CompareColours::words(new Lab(40, 12, 20), new Lab(41, 12, 20)));
    }
}
