<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Planning;

use Inlaid\Core\Planning\BoundWorks;
use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Planning\Drying;
use Inlaid\Core\Planning\HoursOfDay;
use Inlaid\Core\Planning\Interval;
use Inlaid\Core\Planning\Minutes;
use Inlaid\Core\Planning\PartialSchedule;
use Inlaid\Core\Planning\PlaceCapacity;
use Inlaid\Core\Planning\Pot;
use Inlaid\Core\Planning\Precedence;
use Inlaid\Core\Planning\Work;
use Inlaid\Core\Planning\WorkingTime;
use PHPUnit\Framework\TestCase;

/**
 * Working hours, by hand: Monday 1970-01-05, eight to twelve and one to five, in minutes after that midnight.
 */
final class CalendarTest extends TestCase
{
    private const MONDAY = 4 * 86_400;

    /** What fits where: in one stretch, or split only where no stretch of the week is as long. */
    public function testWhatFitsWhere(): void
    {
        $fit = fn (int $minutes, int $from): array => array_map(
            static fn (Interval $i): array => [self::clock($i->start), self::clock($i->end)],
            $this->calendar()->fit($minutes, self::at($from)) ?? [],
        );
        self::assertSame([[480, 510]], $fit(30, 0));
        self::assertSame([[500, 530]], $fit(30, 500));
        self::assertSame([[780, 811]], $fit(31, 690), 'there is half an hour before noon, and no more');
        self::assertSame([[690, 720]], $fit(30, 690));
        self::assertSame([[780, 1020]], $fit(240, 481));
        self::assertSame([[480, 720], [780, 781]], $fit(241, 0), 'longer than any stretch');
        self::assertSame([[719, 720], [780, 1020], [1920, 1921]], $fit(242, 719));
        self::assertSame([[1920, 1980]], $fit(60, 1000), 'on Tuesday');
        self::assertSame([[780, 782]], $fit(2, 719));
    }

    /** Work in however many pieces, and how much of it lies between two instants. */
    public function testWorkThatIsCutInPieces(): void
    {
        $pack = fn (int $minutes, int $from): int => self::clock($this->calendar()->pack($minutes, self::at($from)));
        self::assertSame([480, 510, 720, 781, 1020, 1921], [
            $pack(0, 480), $pack(30, 300), $pack(240, 0), $pack(241, 0), $pack(480, 0), $pack(481, 0),
        ]);
        $worked = fn (int $from, int $to): int => $this->calendar()->worked(self::at($from), self::at($to));
        self::assertSame([0, 30, 240, 240, 300, 480, 20, 0], [
            $worked(0, 480), $worked(0, 510), $worked(0, 720), $worked(0, 780), $worked(0, 840), $worked(0, 1440), $worked(700, 790) - 10,
            $worked(720, 780),
        ]);
        self::assertSame(10, $worked(500, 510), 'within a stretch');
        self::assertSame([1440, 1440, 2880], array_map(
            fn (int $from): int => self::clock($this->calendar()->midnight(self::at($from))),
            [0, 1439, 1440],
        ));
        self::assertNull($this->calendar()->fit(30, self::at(Calendar::MOST_YEARS * 365 * 1440 + 10_000)), 'nobody plans so far ahead');
    }

    /** In a cold hour half as much passes, in a frosty one nothing. */
    public function testAFilmDriesAsItsHoursLetIt(): void
    {
        $zone = new \DateTimeZone('UTC');
        $over = fn (Drying $wait, int $from): int => self::clock($wait->over(self::at($from), $this->calendar()));
        $steady = new Drying(120, array_fill(0, 24, 1.5), $zone);
        self::assertSame([180, 181], [$over($steady, 0), $over($steady, 1)]);
        $day = new Drying(120, [...array_fill(0, 8, null), ...array_fill(0, 12, 1.0), ...array_fill(0, 4, 2.0)], $zone);
        self::assertSame(630, $over($day, 510), 'two hours by day');
        self::assertSame(600, $over($day, 300), 'nothing before eight');
        self::assertSame(1200 + 120, $over($day, 1140), 'an hour by day, and two by night');
        // At ten past ten: fifty minutes at half, so 25; 60; and 35 of the day after.
        self::assertSame(1440 + 480 + 120 - 55, $over($day, 1330));
        $long = new Drying(840 * 3 + 60, [...array_fill(0, 8, null), ...array_fill(0, 12, 1.0), ...array_fill(0, 4, 2.0)], $zone);
        self::assertSame(3 * 1440 + 540, $over($long, 480), 'three days of fourteen hours, and one more');
        $never = new Drying(60, array_fill(0, 24, null), $zone);
        self::assertFalse($never->everDries());
        self::assertSame(20 * 365 * 1440, $over($never, 0));
        self::assertTrue((new Drying(0, array_fill(0, 24, null), $zone))->everDries());
        self::assertSame(1440, $over(new Drying(30, array_fill(0, 24, 1.0), $zone, true), 600), 'overnight at least');
        self::assertSame(120, $steady->least());
        $quick = new Drying(120, array_fill(0, 24, 0.5), $zone);
        self::assertSame(120, $over($quick, 0), 'never sooner than on the label');
    }

    public function testHoursOfADay(): void
    {
        $open = new HoursOfDay(
            [...array_fill(0, 9, false), ...array_fill(0, 7, true), ...array_fill(0, 8, false)],
            new \DateTimeZone('UTC'),
        );
        $closed = static fn (int $from, int $to): ?int => null === ($at = $open->closedIn(new Interval(self::at($from), self::at($to))))
            ? null
            : self::clock($at);
        self::assertSame([null, 530, 960, null], [$closed(540, 960), $closed(530, 560), $closed(540, 961), $closed(600, 610)]);
        self::assertSame([540, 1440 + 540], [self::clock($open->opensAfter(self::at(100))), self::clock($open->opensAfter(self::at(970)))]);
        self::assertSame([true, false], [$open->areAny(), $open->areAll()]);
        $none = new HoursOfDay(array_fill(0, 24, false), new \DateTimeZone('UTC'));
        self::assertSame([false, false, 60], [$none->areAny(), $none->areAll(), self::clock($none->opensAfter(self::at(0)))]);
        self::assertTrue((new HoursOfDay(array_fill(0, 24, true), new \DateTimeZone('UTC')))->areAll());
    }

    /** Room for two: the third waits until one is ready, and nobody knows when while none is. */
    public function testRoomInAPlace(): void
    {
        $works = [...array_fill(0, 2, $this->work('a', 'a')), $this->work('b', 'b'), $this->work('c', 'c')];
        $place = PlaceCapacity::of(['stove' => 2], ['x' => 'stove', 'a' => 'stove'])->for($works);
        self::assertSame(['a' => 'stove'], $place->standing, 'what has nothing left to do has gone');
        self::assertTrue($place->areLimited());
        self::assertFalse(PlaceCapacity::none()->areLimited());
        self::assertSame(0, $place->from('stove', ['a' => 'stove'], ['a' => 1], []));
        self::assertNull($place->from('stove', ['a' => 'stove', 'b' => 'stove'], ['a' => 1], ['b' => 50]));
        self::assertSame(50, $place->from('stove', ['a' => 'stove', 'b' => 'stove'], ['a' => 1, 'b' => 1], ['b' => 50]));
        self::assertSame(50, $place->from('stove', ['a' => 'stove', 'b' => 'stove'], ['a' => 2, 'b' => 1], ['a' => 50, 'b' => 70]));
        self::assertSame(0, $place->from('hall', ['a' => 'stove', 'b' => 'stove'], [], []), 'any number elsewhere');
        self::assertSame(0, $place->from('stove', ['a' => 'hall', 'b' => 'stove'], [], []));
    }

    /**
     * By hand: 60 minutes, a wait of 600, 30 minutes, a wait of 120. Alone it is ready at 480 + 60 + 600 = 1140, so on Tuesday at 1920 + 30
     * + 120; beside another of 300 minutes nothing gets later.
     */
    public function testNoPlanIsSoonerThanItsBound(): void
    {
        $works = [
            'a1' => $this->work('a1', 'a', 60),
            'a2' => $this->work('a2', 'a', 30, [new Precedence('a1', new Minutes(600))], 120),
        ];
        [$bound, $begin] = $this->bound($works);
        self::assertSame([0, 2070], [$bound->of($begin)[0], self::clock($bound->of($begin)[1])]);
        self::assertSame([60 * (600 + 30 + 120), 60 * 120], [$bound->tail('a1'), $bound->tail('a2')]);
        self::assertTrue($bound->soonerIsNoWorse());
        [$late, $begin] = $this->bound($works, ['a' => self::at(2000)]);
        self::assertSame(70, $late->of($begin)[0], 'minutes late at least');
        // Together 600 minutes of one pair of hands, and 30 after the last: Monday holds 480.
        $many = [
            'a' => $this->work('a', 'a', 300, [], 30),
            'b' => $this->work('b', 'b', 300, [], 30),
        ];
        [$packed, $begin] = $this->bound($many);
        self::assertSame(1920 + 120 + 30, self::clock($packed->of($begin)[1]));
        self::assertSame($packed->like('a'), $packed->like('b'), 'alike but for their names');
        [$helped, $begin] = $this->bound($many, hands: 2);
        self::assertSame(840 + 30, self::clock($helped->of($begin)[1]), '240 before noon and 60 after');
        // The one with the longer wait goes first, however they are given: 60 + 600 after eight is the end.
        [$first, $begin] = $this->bound(['s' => $this->work('s', 's', 60, [], 10), 'l' => $this->work('l', 'l', 60, [], 600)]);
        self::assertSame(480 + 60 + 600, self::clock($first->of($begin)[1]));
        $with = fn (?Pot $pot, ?int $most): bool => $this->bound([
            'a1' => $this->work('a1', 'a', 60, [], 0, $pot),
            'a2' => $this->work('a2', 'a', 30, [new Precedence('a1', new Minutes(0), $most)]),
        ])[0]->soonerIsNoWorse();
        self::assertSame([true, false, false], [$with(null, null), $with(new Pot('p', 5, 0, null), null), $with(null, 90)]);
        // A pot that only one work is done with is begun by it: five minutes more.
        [$pot, $begin] = $this->bound(['a' => $this->work('a', 'a', 60, [], 0, new Pot('p', 5, 0, null))]);
        self::assertSame(545, self::clock($pot->of($begin)[1]));
        [$slakes, $begin] = $this->bound(['a' => $this->work('a', 'a', 60, [], 0, new Pot('p', 5, 15, null))]);
        self::assertSame(540, self::clock($slakes->of($begin)[1]));
    }

    /**
     * @param array<string, Work> $works
     * @param array<string, int>  $due
     *
     * @return array{BoundWorks, PartialSchedule}
     */
    private function bound(array $works, array $due = [], int $hands = 1): array
    {
        $after = array_map(static fn (): array => [], $works);
        foreach ($works as $id => $work) {
            foreach ($work->links as $link) {
                $after[$link->after][] = $id;
            }
        }
        $calendars = array_map(fn (): Calendar => $this->calendar(), range(1, $hands));

        return [
            new BoundWorks($works, $after, $calendars, self::at(0), $due, false),
            new PartialSchedule($calendars, self::at(0), PlaceCapacity::none()->for($works)),
        ];
    }

    /**
     * @param list<Precedence> $links
     */
    private function work(string $id, string $job, int $minutes = 10, array $links = [], int $last = 0, ?Pot $pot = null): Work
    {
        return new Work(id: $id, job: $job, minutes: $minutes, links: $links, last: new Minutes($last), pot: $pot);
    }

    private function calendar(): Calendar
    {
        return new Calendar(WorkingTime::of('UTC', array_fill(1, 5, [[480, 720], [780, 1020]])), self::at(0));
    }

    private static function at(int $minute): int
    {
        return self::MONDAY + 60 * $minute;
    }

    private static function clock(int $instant): int
    {
        return intdiv($instant - self::MONDAY, 60);
    }
}
