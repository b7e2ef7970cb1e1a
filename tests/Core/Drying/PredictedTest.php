<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Drying;

use Inlaid\Core\Drying\Air;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Drying\DayCurve;
use Inlaid\Core\Drying\Forecast;
use Inlaid\Core\Drying\InvalidClimate;
use Inlaid\Core\Drying\PredictDrying;
use Inlaid\Core\Material\Dries;
use Inlaid\Core\Material\Handling;
use Inlaid\Core\Material\StatedTimes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * Whole forecasts, sentence by sentence, and the air of a day hour by hour; by hand.
 */
final class PredictedTest extends TestCase
{
    private static function handling(Dries $dries, float $lowest = 8.0): Handling
    {
        return Handling::of($dries, StatedTimes::of(30, 120, 2880, 480, 10_000), 20, 240, true, $lowest);
    }

    private static function predict(Dries $dries, Climate $climate, float $ofNormal = 1.0, float $laid = 1.0): Forecast
    {
        return (new PredictDrying())->predict(self::handling($dries), $climate, $ofNormal, $laid) ?? self::fail('it dries');
    }

    /** @return iterable<string, array{Dries, Climate, float, float, list<int|null>}> touch, recoat, through, cure, at latest, open, pot */
    public static function forecasts(): iterable
    {
        $label = Climate::reference();
        foreach (Dries::cases() as $dries) {
            yield "$dries->value, in the air of the label" => [$dries, $label, 1.0, 1.0, [30, 120, 480, 10_000, 2880, 20, 240]];
        }
        // Ten degrees colder: oils twice as long, spirits half again; windows are never longer than the label.
        $cold = Climate::of(11.0, 50.0);
        yield 'oil in the cold' => [Dries::Oxidising, $cold, 1.0, 1.0, [60, 240, 960, 20_000, 2880, 20, 240]];
        yield 'spirit in the cold' => [Dries::LosingSpirit, $cold, 1.0, 1.0, [45, 180, 720, 15_000, 2880, 20, 240]];
        yield 'what sets, in the cold' => [Dries::Setting, $cold, 1.0, 1.0, [60, 240, 960, 20_000, 2880, 20, 240]];
        // Ten warmer: waits are not planned shorter, windows are.
        $warm = Climate::of(31.0, 50.0);
        yield 'oil in the warm' => [Dries::Oxidising, $warm, 1.0, 1.0, [30, 120, 480, 10_000, 1440, 10, 120]];
        yield 'spirit in the warm' => [Dries::LosingSpirit, $warm, 1.0, 1.0, [30, 120, 480, 10_000, 1920, 13, 120]];
        // Damp at 70 %: oils take a fifth longer; cure goes by warmth alone.
        yield 'oil in the damp' => [Dries::Oxidising, Climate::of(21.0, 70.0), 1.0, 1.0, [36, 144, 576, 10_000, 2880, 20, 240]];
        // A film of 1.44 times: 1.44^1.5 = 1.728.
        yield 'a heavy coat of water paint' => [Dries::LosingWater, $label, 1.44, 1.44, [52, 208, 830, 10_000, 2880, 20, 240]];
        yield 'a thin one' => [Dries::LosingWater, $label, 0.25, 0.25, [30, 120, 480, 10_000, 2880, 2, 240]];
        yield 'wiped off again' => [Dries::LosingWater, $label, 0.25, 1.0, [30, 120, 480, 10_000, 2880, 20, 240]];
        yield 'before a fan' => [Dries::LosingWater, Climate::of(21.0, 50.0, Air::Fan), 1.0, 1.0, [30, 120, 480, 10_000, 2880, 13, 240]];
        yield 'oil, however thick' => [Dries::Oxidising, $label, 1.44, 1.0, [30, 120, 480, 10_000, 2880, 20, 240]];
    }

    /** @param list<int|null> $planned */
    #[DataProvider('forecasts')]
    public function testWhatIsPlanned(Dries $dries, Climate $climate, float $ofNormal, float $laid, array $planned): void
    {
        $found = self::predict($dries, $climate, $ofNormal, $laid);
        self::assertNull($found->noPromise);
        self::assertSame($planned, [
            $found->touch->planned,
            $found->recoat->planned,
            $found->through->planned,
            $found->cure->planned,
            $found->recoatMost?->planned,
            $found->openTime?->planned,
            $found->potLife?->planned,
        ]);
    }

    public function testWhatDoesNotDry(): void
    {
        self::assertNull(
            (new PredictDrying())->predict(Handling::of(Dries::LosingWater, null, null, null, true, 5.0), Climate::reference()),
        );
        $plain = (new PredictDrying())->predict(
            Handling::of(Dries::LosingWater, StatedTimes::of(1, 2, null, 3, 4), null, null, true, 5.0),
            Climate::reference(),
        );
        self::assertSame([null, null, null], [$plain?->recoatMost, $plain?->openTime, $plain?->potLife]);
    }

    #[TestWith([7.9, 50.0, null, '7.9 °C is below the 8 °C minimum. Warm the place first.'])]
    #[TestWith([8.0, 50.0, null, null])]
    #[TestWith([21.0, 50.0, 7.25, '7.3 °C is below the 8 °C minimum. Warm the piece first.'])]
    #[TestWith([21.0, 85.0, null, null])]
    #[TestWith([21.0, 85.5, null, 'At 85.5 % humidity drying is not predictable. Dry the air first.'])]
    #[TestWith([8.0, 82.0, null, 'Too cold or humid to predict: over 4 times the label time.'])]
    public function testWhereNothingIsPromised(float $t, float $humidity, ?float $surface, ?string $says): void
    {
        $found = self::predict(Dries::LosingWater, Climate::of($t, $humidity, Air::Still, $surface));
        self::assertSame($says, $found->noPromise);
        self::assertSame([null === $says, null === $says, null === $says], [
            null !== $found->factor,
            null !== $found->recoat->planned,
            null !== $found->potLife?->planned,
        ]);
    }

    public function testFourTimesIsTheMost(): void
    {
        self::assertNull(self::predict(Dries::Setting, Climate::of(8.0, 50.0))->noPromise, '2^1.3 = 2.46');
        $low = static fn (float $t): ?string => (new PredictDrying())->predict(
            self::handling(Dries::Setting, -20.0),
            Climate::of($t, 50.0),
        )?->noPromise;
        self::assertNull($low(1.0), 'just 4 times');
        self::assertNotNull($low(0.9));
    }

    #[TestWith([21.0, 13.18, null])]
    #[TestWith([21.0, 13.17, 'only 3 °C above the dew point'])]
    #[TestWith([21.0, 11.0, 'only 0.8 °C above the dew point'])]
    #[TestWith([21.0, 10.0, 'colder than the dew point'])]
    public function testMoistureUnderTheCoat(float $air, float $surface, ?string $says): void
    {
        $climate = Climate::of($air, 50.0, Air::Still, $surface);
        self::assertSame(
            null === $says
                ? null
                : "The surface is $says. Moisture can form under the coat. Warm it to 13.2 °C, or dry the air.",
            self::predict(Dries::Oxidising, $climate)->stop,
        );
        self::assertSame(null === $says, (new PredictDrying())->canBeLaid(self::handling(Dries::Oxidising), $climate));
    }

    public function testTooColdToBeLaid(): void
    {
        $can = static fn (float $t): bool => (new PredictDrying())->canBeLaid(self::handling(Dries::LosingWater), Climate::of($t, 40.0));
        self::assertSame([true, false], [$can(8.0), $can(7.9)]);
    }

    #[TestWith([60.0, 50.0, true])]
    #[TestWith([60.1, 50.0, false])]
    #[TestWith([-30.0, 50.0, true])]
    #[TestWith([-30.1, 50.0, false])]
    #[TestWith([20.0, 1.0, true])]
    #[TestWith([20.0, 0.9, false])]
    #[TestWith([20.0, 100.0, true])]
    #[TestWith([20.0, 100.1, false])]
    public function testAirNoWorkshopHas(float $t, float $humidity, bool $has): void
    {
        $has || $this->expectException(InvalidClimate::class);
        self::assertSame($t, Climate::of($t, $humidity)->temperature);
    }

    /** Heated, the same water is in it: at 20 °C about half as damp as at 10. */
    public function testHeatedAirIsDrier(): void
    {
        $cold = Climate::of(10.0, 80.0, Air::Moving, 8.0);
        $warm = $cold->warmedTo(20.0);
        self::assertSame([20.0, 20.0, Air::Moving], [$warm->temperature, $warm->surface, $warm->air]);
        self::assertEqualsWithDelta($cold->vapourPressure(), $warm->vapourPressure(), 1e-9);
        self::assertEqualsWithDelta(42.0, $warm->humidity, 0.5);
        self::assertSame($cold, $cold->warmedTo(10.0));
        self::assertSame([8.0, 20.0], [$cold->coldest(), $warm->coldest()]);
        self::assertSame(Air::Fan, $cold->moved(Air::Fan)->air);
    }

    /** Of 4 to 18 °C: the mean at nine, warmest at half past two or three, the same water all day, mist at the most 98 %. */
    public function testADayOfAir(): void
    {
        $day = DayCurve::between(4.0, 18.0, 60.0, Air::Moving);
        self::assertCount(24, $day->hours);
        $t = array_map(static fn (Climate $c): float => $c->temperature, $day->hours);
        self::assertEqualsWithDelta(11 + 7 * cos(\M_PI / 24), max($t), 1e-9);
        self::assertEqualsWithDelta(11 - 7 * cos(\M_PI / 24), min($t), 1e-9);
        self::assertSame([14, 15], array_keys(array_filter($t, static fn (float $of): bool => $of > max($t) - 1e-9)));
        self::assertEqualsWithDelta(11 + 7 * cos(2 * \M_PI * 2.5 / 24), $day->noon()->temperature, 1e-9);
        self::assertSame($day->hours[12], $day->noon());
        self::assertEqualsWithDelta($day->hours[3]->vapourPressure() / $day->hours[15]->vapourPressure(), 1.0, 0.02);
        self::assertSame(98.0, max(array_map(static fn (Climate $c): float => $c->humidity, DayCurve::between(0.0, 20.0, 80.0)->hours)));
        self::assertSame(1.0, min(array_map(static fn (Climate $c): float => $c->humidity, DayCurve::between(-10.0, 50.0, 2.0)->hours)));
        self::assertSame(Air::Moving, $day->hours[5]->air);
        self::assertSame(12.0, DayCurve::between(12.0, 12.0, 60.0)->noon()->temperature);
        // Half past midnight is the middle of the first hour; at one it is half way to the next.
        self::assertEqualsWithDelta($t[0], $day->at(1800)->temperature, 1e-9);
        self::assertEqualsWithDelta(($t[0] + $t[1]) / 2, $day->at(3600)->temperature, 1e-9);
        self::assertEqualsWithDelta(($t[23] + $t[0]) / 2, $day->at(0)->temperature, 1e-9);
        self::assertEqualsWithDelta(($t[23] + $t[0]) / 2, $day->at(86_400)->temperature, 1e-9);
        self::assertEqualsWithDelta(
            0.75 * $day->hours[9]->humidity + 0.25 * $day->hours[10]->humidity,
            $day->at(9 * 3600 + 2700)->humidity,
            1e-9,
        );
        $this->expectException(InvalidClimate::class);
        DayCurve::between(18.1, 18.0, 60.0);
    }

    public function testMeasuredHours(): void
    {
        $reference = Climate::reference();
        $steady = DayCurve::steady($reference);
        self::assertNull(DayCurve::measured([]));
        self::assertNull(DayCurve::measured(array_fill(0, 23, $reference)));
        self::assertSame($steady->hours, DayCurve::measured(array_fill(0, 24, $reference))?->hours);
        $cold = Climate::of(5.0, 80.0);
        $corrected = $steady->corrected([3 => $cold]);
        self::assertSame([$reference, $cold, $reference], \array_slice($corrected->hours, 2, 3));
        $asked = 0;
        $each = $corrected->each(static function (Climate $c) use (&$asked): float {
            ++$asked;

            return $c->temperature;
        });
        self::assertSame([2, 5.0, 21.0, 24], [$asked, $each[3], $each[4], \count($each)], 'once where it is the same');
        self::assertSame(22.0, $steady->with(static fn (Climate $c): Climate => $c->warmedTo(22.0))->noon()->temperature);
        [$through, $cure] = (new PredictDrying())->hourly(self::handling(Dries::Oxidising), $corrected, 1.0);
        self::assertSame([null, 1.0, null, 1.0], [$through[3], $through[4], $cure[3], $cure[4]], 'too cold at three');
        [$through, $cure] = (new PredictDrying())->hourly(self::handling(Dries::Oxidising), DayCurve::steady(Climate::of(11.0, 70.0)), 1.0);
        self::assertSame([2.4, 2.0], [round($through[0] ?? 0.0, 9), $cure[0]], 'damp, but cured by warmth alone');
    }
}
