<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Drying;

use Inlaid\Core\Drying\Air;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Drying\Forecast;
use Inlaid\Core\Drying\InvalidClimate;
use Inlaid\Core\Drying\PredictDrying;
use Inlaid\Core\Material\Dries;
use Inlaid\Core\Material\Handling;
use Inlaid\Core\Material\StatedTimes;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * Drying against numbers reckoned by hand, and what must hold in any air.
 */
final class DryingTest extends TestCase
{
    use Randomly;

    #[TestWith([Dries::LosingWater, 21.0, 50.0, Air::Still, 1.0, 1.0])]
    #[TestWith([Dries::LosingWater, 12.0, 70.0, Air::Still, 1.0, 2.953507])]
    #[TestWith([Dries::LosingWater, 16.0, 65.0, Air::Fan, 1.0, 1.269795])]
    #[TestWith([Dries::LosingWater, 28.0, 35.0, Air::Still, 1.0, 0.506049])]
    #[TestWith([Dries::LosingWater, 28.0, 35.0, Air::Moving, 0.7, 0.4])]
    #[TestWith([Dries::LosingWater, 21.0, 50.0, Air::Still, 1.4, 1.656502])]
    #[TestWith([Dries::Oxidising, 14.0, 70.0, Air::Fan, 1.0, 1.949406])]
    #[TestWith([Dries::LosingSpirit, 11.0, 70.0, Air::Fan, 1.0, 1.5])]
    #[TestWith([Dries::Setting, 31.0, 70.0, Air::Fan, 1.0, 0.5])]
    public function testFactors(Dries $dries, float $t, float $rh, Air $air, float $ofNormal, float $expected): void
    {
        self::assertEqualsWithDelta($expected, (new PredictDrying())->factor($dries, Climate::of($t, $rh, $air), $ofNormal), 1e-5);
    }

    #[TestWith([21.0, 50.0, 10.175027])]
    #[TestWith([12.0, 84.0, 9.378158])]
    public function testDewPoint(float $t, float $rh, float $expected): void
    {
        self::assertEqualsWithDelta($expected, Climate::of($t, $rh)->dewPoint(), 1e-5);
    }

    public function testWaitsAreNeverShorterAndWindowsNeverLongerThanTheLabel(): void
    {
        $this->manyTimes(300, function (): void {
            $forecast = $this->forecast($this->int(0, 3), $this->float(-5, 40), $this->float(20, 100), $this->float(0.2, 2));
            foreach ([$forecast->touch, $forecast->recoat, $forecast->through, $forecast->cure] as $wait) {
                self::assertTrue(null === $wait->planned || $wait->planned >= $wait->stated && $wait->planned >= $wait->predicted);
            }
            foreach ([$forecast->openTime, $forecast->potLife, $forecast->recoatMost] as $window) {
                self::assertTrue(
                    null === $window?->planned || $window->planned <= $window->stated && $window->planned <= $window->predicted,
                );
            }
            self::assertSame(null === $forecast->noPromise, null !== $forecast->recoat->planned);
        });
    }

    public function testColderDamperAndThickerNeverDriesSooner(): void
    {
        $this->manyTimes(200, function (): void {
            [$kind, $t, $rh, $film] = [$this->int(0, 3), $this->float(9, 30), $this->float(30, 80), $this->float(0.3, 1.5)];
            $here = $this->forecast($kind, $t, $rh, $film)->factor ?? \INF;
            foreach ([[$t - 1, $rh, $film], [$t, $rh + 4, $film], [$t, $rh, $film * 1.2]] as [$t2, $rh2, $film2]) {
                self::assertGreaterThanOrEqual($here, $this->forecast($kind, $t2, $rh2, $film2)->factor ?? \INF);
            }
        });
    }

    public function testAFanDoesNotShortenTheCure(): void
    {
        $still = (new PredictDrying())->predict($this->handling(0), Climate::of(18, 55));
        $fan = (new PredictDrying())->predict($this->handling(0), Climate::of(18, 55, Air::Fan));
        self::assertSame($still?->cure->predicted, $fan?->cure->predicted);
        self::assertLessThan($still?->recoat->predicted, $fan?->recoat->predicted);
    }

    #[TestWith([5.0, 50.0, 'below the 8 °C'])]
    #[TestWith([21.0, 90.0, 'At 90 % humidity'])]
    #[TestWith([9.0, 80.0, 'over 4 times'])]
    public function testMakesNoPromiseBeyondItsLimits(float $t, float $rh, string $says): void
    {
        $forecast = $this->forecast(0, $t, $rh, 1.0);
        self::assertStringContainsString($says, (string) $forecast->noPromise);
        self::assertNull($forecast->recoat->predicted);
        self::assertNull($forecast->cure->planned);
    }

    public function testStopsNearTheDewPoint(): void
    {
        self::assertNull($this->predict(Climate::of(15, 60))->stop);
        self::assertStringContainsString('2.6 °C above the dew point', (string) $this->predict(Climate::of(12, 84))->stop);
        self::assertStringContainsString('colder than the dew point', (string) $this->predict(Climate::of(21, 50, Air::Still, 9))->stop);
        self::assertStringContainsString('Warm it to 13.2 °C', (string) $this->predict(Climate::of(21, 50, Air::Still, 9))->stop);
    }

    /**
     * In the air of the label a normal coat is open as long as the label says, whatever is wiped off again; warm, dry or moving air and a
     * thin film shorten it.
     */
    public function testOpenTimeGoesByWhatIsLaid(): void
    {
        $open = fn (Climate $climate, float $left, float $laid): ?int => (new PredictDrying())
            ->predict($this->handling(0), $climate, $left, $laid)?->openTime?->planned;
        $label = $this->handling(0)->openTime;
        foreach ([0.1, 0.35, 1.0] as $left) {
            self::assertSame($label, $open(Climate::reference(), $left, 1.0));
            self::assertSame($label, $open(Climate::of(15, 70), $left, 1.4), 'never longer');
        }
        foreach ([
            [Climate::of(27, 50), 1.0],
            [Climate::of(21, 35), 1.0],
            [Climate::of(21, 50, Air::Fan), 1.0],
            [Climate::reference(), 0.7],
        ] as [$air, $laid]) {
            self::assertLessThan($label, $open($air, 1.0, $laid));
        }
    }

    #[TestWith([80.0, 50.0])]
    #[TestWith([\NAN, 50.0])]
    #[TestWith([20.0, 0.0])]
    #[TestWith([20.0, 101.0])]
    public function testRefusesAirNoWorkshopHas(float $t, float $rh): void
    {
        $this->expectException(InvalidClimate::class);
        Climate::of($t, $rh);
    }

    private function forecast(int $kind, float $t, float $rh, float $film): Forecast
    {
        return (new PredictDrying())->predict($this->handling($kind), Climate::of($t, $rh), $film) ?? self::fail('It does dry.');
    }

    private function predict(Climate $climate): Forecast
    {
        return (new PredictDrying())->predict($this->handling(0), $climate) ?? self::fail('It does dry.');
    }

    private function handling(int $kind): Handling
    {
        return Handling::of(Dries::cases()[$kind], StatedTimes::of(30, 120, 2880, 480, 30240), 15, 240, true, 8.0);
    }
}
