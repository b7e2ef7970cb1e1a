<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Planning;

use Inlaid\Core\Drying\Air;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Drying\DayCurve;
use Inlaid\Core\Drying\PredictDrying;
use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Planning\Drying;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * Drying through days and nights, against a clock that is moved on minute by minute.
 */
final class DryingWaitTest extends TestCase
{
    use Randomly;

    /**
     * Every minute of an hour that dries f times more slowly counts 1 ÷ f of one; over when the label's minutes are full, and not before
     * they have passed.
     */
    public function testItIsOverWhenTheMinutesAreFull(): void
    {
        $calendar = new Calendar(WorkingTime::of('UTC', array_fill(1, 5, [[480, 1020]])), 0);
        $this->manyTimes(60, function () use ($calendar): void {
            $factors = array_map(fn (): ?float => 0 === $this->int(0, 6) ? null : $this->float(0.5, 4.0), range(0, 23));
            $stated = $this->int(1, 3000);
            $from = 1_794_960_000 + 60 * $this->int(0, 5000);
            $over = (new Drying($stated, $factors, new \DateTimeZone('UTC')))->over($from, $calendar);
            $passed = 0.0;
            $minutes = 0;
            for ($at = $from; $passed < $stated - 1e-6; $at += 60, ++$minutes) {
                $factor = $factors[(int) gmdate('G', $at)];
                $passed += null === $factor ? 0.0 : 1 / $factor;
            }
            self::assertEqualsWithDelta(max($from + 60 * $stated, $from + 60 * $minutes), $over, 60);
            self::assertGreaterThanOrEqual($from + 60 * $stated, $over);
            self::assertGreaterThanOrEqual(
                $over,
                (new Drying($stated, $factors, new \DateTimeZone('UTC')))->over($from + 60 * $this->int(1, 600), $calendar),
                'begun later it is never over sooner',
            );
        });
        self::assertFalse((new Drying(60, array_fill(0, 24, null), new \DateTimeZone('UTC')))->everDries());
    }

    /** The clock of the place: what dries from noon to evening in one zone is already in the night of another. */
    public function testHoursAreThoseOfThePlace(): void
    {
        $calendar = new Calendar(WorkingTime::of('UTC', array_fill(1, 5, [[480, 1020]])), 0);
        $factors = [...array_fill(0, 8, null), ...array_fill(0, 12, 1.0), ...array_fill(0, 4, null)];
        $noon = self::at('2026-11-23 12:00');
        self::assertSame(self::at('2026-11-23 18:00'), (new Drying(360, $factors, new \DateTimeZone('UTC')))->over($noon, $calendar));
        self::assertSame(
            self::at('2026-11-24 05:00'),
            (new Drying(360, $factors, new \DateTimeZone('Asia/Tokyo')))->over($noon, $calendar),
            '21:00 there; from 8:00 on it dries',
        );
    }

    /**
     * In a hall that is cold at night water does not go: by day the air is dry and by night damp, and what is laid in the evening takes
     * longer than in a steady room of the same mean.
     */
    public function testAColdNightLengthensWhatDriesThroughIt(): void
    {
        $this->manyTimes(40, function (): void {
            [$cold, $warm] = [$this->float(2, 10), $this->float(14, 24)];
            $curve = DayCurve::between($cold, $warm, $this->float(35, 60));
            self::assertCount(24, $curve->hours);
            $temperatures = array_map(static fn (Climate $c): float => $c->temperature, $curve->hours);
            self::assertEqualsWithDelta($warm, max($temperatures), 0.1);
            self::assertEqualsWithDelta($cold, min($temperatures), 0.1);
            $coldest = $curve->hours[(int) array_search(min($temperatures), $temperatures, true)];
            self::assertSame(
                max(array_map(static fn (Climate $c): float => $c->humidity, $curve->hours)),
                $coldest->humidity,
                'the coldest hour is the dampest',
            );
            [$factors] = (new PredictDrying())->hourly(Given::paint()->handling, $curve, 1.0);
            [$steady] = (new PredictDrying())->hourly(Given::paint()->handling, DayCurve::steady($curve->hours[12]), 1.0);
            $calendar = new Calendar(WorkingTime::of('UTC', array_fill(1, 5, [[480, 1020]])), 0);
            $evening = self::at('2026-11-23 18:00');
            self::assertGreaterThanOrEqual(
                (new Drying(480, $steady, new \DateTimeZone('UTC')))->over($evening, $calendar),
                (new Drying(480, $factors, new \DateTimeZone('UTC')))->over($evening, $calendar),
            );
        });
        $usual = DayCurve::between(8.0, 20.0, 50.0);
        $corrected = $usual->corrected([8 => Climate::of(15, 60)]);
        self::assertSame(
            [$usual->hours[7], 15.0, $usual->hours[9]],
            [$corrected->hours[7], $corrected->hours[8]->temperature, $corrected->hours[9]],
        );
        self::assertEqualsWithDelta(
            $usual->hours[6]->temperature,
            $usual->at(6 * 3600 + 1800)->temperature,
            1e-9,
            'in the middle of an hour',
        );
        self::assertEqualsWithDelta(
            ($usual->hours[23]->temperature + $usual->hours[0]->temperature) / 2,
            $usual->at(86_400)->temperature,
            1e-9,
            'at midnight',
        );
        self::assertSame(Air::Still, $usual->at(0)->air);
    }

    private static function at(string $utc): int
    {
        return (new \DateTimeImmutable($utc, new \DateTimeZone('UTC')))->getTimestamp();
    }
}
