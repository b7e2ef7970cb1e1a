<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Planning;

use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Planning\HoursOfDay;
use Inlaid\Core\Planning\Interval;
use Inlaid\Core\Planning\Minutes;
use Inlaid\Core\Planning\PartialSchedule;
use Inlaid\Core\Planning\PlaceCapacity;
use Inlaid\Core\Planning\Pot;
use Inlaid\Core\Planning\Precedence;
use Inlaid\Core\Planning\Work;
use Inlaid\Core\Planning\WorkingTime;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * One work after another put into the day, in minutes after midnight of a Monday, eight to twelve and one to five.
 */
final class PlacedTest extends TestCase
{
    private const MONDAY = 4 * 86_400;

    private static function schedule(int $hands = 1, ?PlaceCapacity $rooms = null): PartialSchedule
    {
        $hours = WorkingTime::of('UTC', array_fill(1, 5, [[480, 720], [780, 1020]]));

        return new PartialSchedule(
            array_fill(0, max(1, $hands), new Calendar($hours, self::MONDAY)),
            self::MONDAY,
            $rooms ?? PlaceCapacity::none(),
        );
    }

    /** @return list<array{string, int, int, int}> id, start, end, minutes of setting up */
    private static function plan(PartialSchedule $at, Work ...$works): array
    {
        foreach ($works as $work) {
            $at = $at->with($work) ?? self::fail("$work->id cannot be placed");
        }

        return array_map(
            static fn ($p): array => [$p->work->id, self::clock($p->start()), self::clock($p->end()), $p->setUp],
            array_values($at->placed()),
        );
    }

    private static function clock(int $at): int
    {
        return intdiv($at - self::MONDAY, 60);
    }

    /** @param list<Precedence> $links */
    private static function work(
        string $id,
        int $minutes,
        array $links = [],
        ?Pot $pot = null,
        string $job = 'j',
        int $notBefore = 0,
        bool $alone = false,
        ?string $room = null,
        ?HoursOfDay $hours = null,
        int $last = 0,
    ): Work {
        return new Work($id, $job, $minutes, $links, new Minutes($last), $pot, $notBefore, $alone, $room, $hours);
    }

    public function testOneAfterAnother(): void
    {
        self::assertSame(
            [['a', 480, 510, 0], ['b', 570, 600, 0], ['c', 600, 600, 0], ['d', 780, 1000, 0]],
            self::plan(
                self::schedule(),
                self::work('a', 30),
                self::work('b', 30, [new Precedence('a', new Minutes(60))]),
                self::work('c', 0, [new Precedence('b', new Minutes(0))]),
                self::work('d', 220),
            ),
        );
        self::assertSame([['a', 600, 610, 0]], self::plan(self::schedule(), self::work('a', 10, notBefore: self::MONDAY + 600 * 60)));
    }

    /** A pot is made ready once, as long as one goes on with it; after another it is made ready again. */
    public function testAPotIsMadeReadyOnce(): void
    {
        [$red, $blue] = [new Pot('red', 5), new Pot('blue', 10)];
        self::assertSame(
            [['a', 480, 505, 5], ['b', 505, 525, 0], ['c', 525, 555, 10], ['d', 555, 580, 5], ['e', 580, 600, 0]],
            self::plan(
                self::schedule(),
                self::work('a', 20, pot: $red),
                self::work('b', 20, pot: $red),
                self::work('c', 20, pot: $blue),
                self::work('d', 20, pot: $red),
                self::work('e', 20),
            ),
        );
    }

    /** Powder rests a quarter of an hour: it is mixed while something else is waited for, or waited for itself. */
    public function testAPotRests(): void
    {
        $milk = new Pot('milk', 5, 15);
        self::assertSame([['a', 480, 520, 5]], self::plan(self::schedule(), self::work('a', 20, pot: $milk)));
        self::assertSame(
            [['p', 480, 500, 0], ['a', 540, 580, 5]],
            self::plan(self::schedule(), self::work('p', 20), self::work('a', 20, [new Precedence('p', new Minutes(60))], $milk)),
            'mixed at nine, twenty minutes before',
        );
    }

    /** A pot that lasts two hours is made anew when it is over. */
    public function testAPotIsOver(): void
    {
        $quick = new Pot('quick', 5, 0, 120);
        self::assertSame(
            [['a', 480, 505, 5], ['b', 560, 580, 0], ['c', 640, 665, 5]],
            self::plan(
                self::schedule(),
                self::work('a', 20, pot: $quick),
                self::work('b', 20, [new Precedence('a', new Minutes(55))], $quick),
                self::work('c', 20, [new Precedence('b', new Minutes(60))], $quick),
            ),
        );
    }

    public function testTwoPairsOfHands(): void
    {
        self::assertSame(
            [['a', 480, 540, 0], ['b', 480, 500, 0], ['c', 540, 550, 0], ['d', 500, 510, 0]],
            self::plan(
                self::schedule(2),
                self::work('a', 60),
                self::work('b', 20, job: 'k'),
                self::work('c', 10, job: 'l', alone: true),
                self::work('d', 10, job: 'm'),
            ),
            'what only the painter does waits for the painter',
        );
    }

    /** One piece in the hall at a time: the next comes in when all of the first is over. */
    public function testRoomForOnePiece(): void
    {
        $rooms = PlaceCapacity::of(['hall' => 1]);
        $first = self::work('a', 30, room: 'hall', last: 60);
        $next = self::schedule(1, $rooms)->with($first) ?? self::fail('there is room');
        self::assertNull(self::schedule(1, PlaceCapacity::of(['hall' => 0]))->place(self::work('x', 10, room: 'hall')));
        self::assertNotNull($next->place(self::work('c', 10, job: 'k', room: 'yard')));
        self::assertNotNull($next->place(self::work('d', 10, job: 'j', room: 'hall')), 'it stands there already');
    }

    /** Only from ten to noon: what does not fit before noon waits for tomorrow. */
    public function testHoursInWhichItCanBeDone(): void
    {
        $open = array_map(static fn (int $h): bool => $h >= 10 && $h < 12, range(0, 23));
        $hours = new HoursOfDay($open, new \DateTimeZone('UTC'));
        self::assertSame(
            [['a', 600, 660, 0], ['c', 660, 690, 0], ['b', 2040, 2110, 0]],
            self::plan(
                self::schedule(),
                self::work('a', 60, hours: $hours),
                self::work('c', 30, job: 'l', notBefore: self::MONDAY + 655 * 60, hours: $hours),
                self::work('b', 70, job: 'k', notBefore: self::MONDAY + 670 * 60, hours: $hours),
            ),
        );
    }

    /** @param list<int> $open hours */
    #[TestWith([[10, 11], '10:00 to 12:00'])]
    #[TestWith([[22, 23, 0, 1], '22:00 to 02:00'])]
    #[TestWith([[0], '00:00 to 01:00'])]
    #[TestWith([[23], '23:00 to 00:00'])]
    #[TestWith([[5, 9, 10], '05:00 to 06:00 and 09:00 to 11:00'])]
    #[TestWith([[], ''])]
    public function testHoursInWords(array $open, string $says): void
    {
        $hours = new HoursOfDay(array_map(static fn (int $h): bool => \in_array($h, $open, true), range(0, 23)), new \DateTimeZone('UTC'));
        self::assertSame($says, $hours->inWords());
        self::assertSame([] !== $open, $hours->areAny());
        self::assertFalse($hours->areAll());
    }

    public function testWhenHoursCloseAndOpen(): void
    {
        $hours = new HoursOfDay(
            array_map(static fn (int $h): bool => $h >= 10 && $h < 12, range(0, 23)),
            new \DateTimeZone('Europe/Berlin'),
        );
        $at = static fn (string $utc): int => (int) strtotime("2026-11-30 $utc UTC");
        self::assertNull($hours->closedIn(new Interval($at('09:00'), $at('11:00'))));
        self::assertSame($at('11:00'), $hours->closedIn(new Interval($at('09:30'), $at('11:01'))));
        self::assertSame($at('08:59'), $hours->closedIn(new Interval($at('08:59'), $at('09:30'))));
        self::assertSame($at('09:00'), $hours->opensAfter($at('07:20')));
        self::assertSame($at('09:00') + 86_400, $hours->opensAfter($at('11:30')));
        $always = new HoursOfDay(array_fill(0, 24, true), new \DateTimeZone('UTC'));
        self::assertTrue($always->areAll());
        self::assertNull($always->closedIn(new Interval(0, 200_000)));
    }
}
