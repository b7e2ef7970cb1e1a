<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Planning;

use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Planning\HoursOfDay;
use Inlaid\Core\Planning\Interval;
use Inlaid\Core\Planning\Minutes;
use Inlaid\Core\Planning\PartialSchedule;
use Inlaid\Core\Planning\PlaceCapacity;
use Inlaid\Core\Planning\PlacedWork;
use Inlaid\Core\Planning\PlanWorks;
use Inlaid\Core\Planning\Pot;
use Inlaid\Core\Planning\Precedence;
use Inlaid\Core\Planning\Work;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Planning\WorkPlan;
use Inlaid\Tests\Core\CutsShort;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * Several pieces over working days: what must hold of every plan, and that small ones are as good as the best of all orders.
 */
final class PlanWorksTest extends TestCase
{
    use CutsShort;
    use Randomly;

    private const ZONE = 'Europe/Zurich';

    /**
     * Never a hands-on stretch outside the hours, two at once for one pair of hands, a wait cut short or a largest wait broken in silence;
     * the bound is never above the end. The same where there is no time to search, or not even to lay them by a rule.
     */
    public function testEveryPlanCanBeWorked(): void
    {
        $this->manyTimes(120, function (): void {
            $time = $this->time();
            $from = $this->at('2026-11-23 07:00') + 60 * $this->int(0, 4000);
            $hands = array_map(static fn (): Calendar => new Calendar($time, $from), range(1, $this->int(1, 2)));
            $works = $this->works($this->int(1, 4), 5);
            $plan = $this->plan($works, $hands, $from, [], $this->int(0, 40), [\PHP_INT_MAX, 0, $this->int(1, 30)][$this->int(0, 2)]);
            $this->assertWorkable($plan, $works, $time, $from);
            self::assertGreaterThanOrEqual($plan->bound, $plan->end);
            self::assertTrue(!$plan->complete || $plan->bound === $plan->end);
        });
    }

    /** Against every order there is. */
    public function testSmallPlansAreAsGoodAsTheBestOfAllOrders(): void
    {
        $this->manyTimes(60, function (): void {
            $time = $this->time();
            $from = $this->at('2026-11-23 07:00') + 60 * $this->int(0, 3000);
            $works = $this->works($this->int(2, 3), 2);
            $due = 1 === $this->int(0, 1) ? ['j0' => $from + 3600 * $this->int(8, 90)] : [];
            $hands = [new Calendar($time, $from)];
            $plan = $this->plan($works, $hands, $from, $due, 100_000);
            self::assertTrue($plan->complete);
            $best = null;
            $this->everyOrder(
                new PartialSchedule($hands, $from, PlaceCapacity::none()),
                $works,
                static function (PartialSchedule $laying) use (&$best, $due): void {
                    $best = null === $best ? self::cost($laying, $due) : min($best, self::cost($laying, $due));
                },
            );
            self::assertSame($best, \array_slice($plan->cost(), 0, 3));
        });
    }

    /** Where there is room for one or two only: never more at once, and still as good as the best of all orders. */
    public function testNoMorePiecesStandInAPlaceThanItHolds(): void
    {
        $this->manyTimes(40, function (): void {
            $time = $this->time();
            $from = $this->at('2026-11-23 07:00') + 60 * $this->int(0, 3000);
            $works = array_map(
                fn (Work $w): Work => new Work(
                    $w->id,
                    $w->job,
                    $w->minutes,
                    $w->links,
                    $w->last,
                    room: 'j2' === $w->job || str_ends_with($w->id, '-0') && 1 === $this->int(0, 1) ? null : 'hall',
                ),
                $this->works(3, 2),
            );
            $rooms = PlaceCapacity::of(['hall' => $this->int(1, 2)], 1 === $this->int(0, 1) ? ['j0' => 'hall'] : []);
            $hands = [new Calendar($time, $from)];
            $plan = (new PlanWorks())->plan($works, $hands, $from, [], static fn (): bool => false, $rooms);
            self::assertNotNull($plan);
            $this->assertWorkable($plan, $works, $time, $from);
            self::assertTrue($plan->complete);
            $stands = [];
            foreach ($plan->placed as $placed) {
                $job = $placed->work->job;
                if (null !== $placed->work->room || isset($rooms->standing[$job])) {
                    $stands[$job] = [
                        min($stands[$job][0] ?? \PHP_INT_MAX, isset($rooms->standing[$job]) ? $from : $placed->start()),
                        $plan->ready[$job],
                    ];
                }
            }
            foreach ($stands as [$in]) {
                self::assertLessThanOrEqual(
                    $rooms->most['hall'],
                    \count(array_filter($stands, static fn (array $s): bool => $s[0] <= $in && $in < $s[1])),
                );
            }
            $best = null;
            $this->everyOrder(
                new PartialSchedule($hands, $from, $rooms->for($works)),
                $works,
                static function (PartialSchedule $laying) use (&$best): void {
                    $best = null === $best ? self::cost($laying, []) : min($best, self::cost($laying, []));
                },
            );
            self::assertSame($best, \array_slice($plan->cost(), 0, 3));
        });
    }

    /** When even the rules take too long: all of it is planned in the order given, and nobody says that no order is better. */
    public function testAnAnswerThatIsOverdueIsGivenAllTheSame(): void
    {
        $this->manyTimes(30, function (): void {
            $time = $this->time();
            $from = $this->at('2026-11-23 07:00') + 60 * $this->int(0, 3000);
            $works = $this->works($this->int(1, 6), 4);
            $left = $this->int(0, 12);
            $plan = (new PlanWorks())->plan(
                $works,
                [new Calendar($time, $from)],
                $from,
                [],
                static fn (): bool => true,
                null,
                static function () use (&$left): bool {
                    return --$left < 0;
                },
            );
            self::assertNotNull($plan);
            self::assertCount(\count($works), $plan->placed);
            $this->assertWorkable($plan, $works, $time, $from);
            self::assertFalse($plan->complete && \count($works) > 12);
            self::assertLessThanOrEqual($plan->end, $plan->bound);
        });
    }

    /**
     * Six alike, 30 min, two hours to dry, 20 min: first all the first ones, then all the second ones, on the same day; and it is proved.
     */
    public function testSixAlikeAreDoneTogether(): void
    {
        $works = [];
        foreach (range(1, 6) as $i) {
            $works[] = new Work("a$i", "j$i", 30);
            $works[] = new Work("b$i", "j$i", 20, [new Precedence("a$i", new Minutes(120))]);
        }
        $from = $this->at('2026-11-23 08:00');
        $plan = $this->plan($works, [new Calendar($this->week([[480, 720], [780, 1020]]), $from)], $from, [], 100_000);
        self::assertSame('2026-11-23 14:00', $this->local($plan->end), 'five hours of work, with dinner between');
        self::assertTrue($plan->complete);
    }

    /** What must be ready first is, though it comes last; and what misses its day is told by how much. */
    public function testADayToBeReadyBy(): void
    {
        $from = $this->at('2026-11-23 08:00');
        $calendar = [new Calendar($this->week([[480, 1020]]), $from)];
        $works = [new Work('a', 'long', 400, last: new Minutes(600)), new Work('b', 'soon', 60)];
        $plan = $this->plan($works, $calendar, $from, ['soon' => $this->at('2026-11-23 09:30')], 1000);
        self::assertSame(['b', 'a'], array_map(static fn (PlacedWork $p): string => $p->work->id, $plan->placed));
        self::assertSame(0, $plan->late);
        self::assertSame(30, $this->plan($works, $calendar, $from, ['soon' => $this->at('2026-11-23 08:30')], 1000)->late);
    }

    /** A pot that lasts an hour is mixed anew for what comes later; what is done with the same pot follows without. */
    public function testPotsAreMixedAnewWhenTheyAreOver(): void
    {
        $from = $this->at('2026-11-23 08:00');
        $pot = static fn (string $id, int $minutes): Work => new Work($id, $id, $minutes, pot: new Pot('glaze', 10, life: 60));
        $plan = $this->plan(
            [$pot('a', 40), $pot('b', 30), $pot('c', 20)],
            [new Calendar($this->week([[480, 1020]]), $from)],
            $from,
            [],
            1000,
        );
        self::assertSame(20, array_sum(array_map(static fn (PlacedWork $p): int => $p->setUp, $plan->placed)), 'two pots');
        self::assertSame('2026-11-23 09:50', $this->local($plan->end));
    }

    /**
     * Mixed on Monday at half past three and kept for eight hours, it is mixed anew on Tuesday: as soon as somebody is there, and laid when
     * it has slaked. Where a wait lies before, it slakes in that.
     */
    public function testWhatSlakesIsMixedBeforeAndAnewOnAnotherDay(): void
    {
        $pot = new Pot('milk paint', 5, slake: 20, life: 480);
        $from = $this->at('2026-11-23 15:30');
        $hands = [new Calendar($this->week([[480, 1020]]), $from)];
        $coat = static fn (string $id, ?string $after): Work => new Work(
            $id,
            'j',
            60,
            null === $after ? [] : [new Precedence($after, new Minutes(120))],
            pot: $pot,
        );
        $times = fn (WorkPlan $plan): array => array_map(
            fn (PlacedWork $p): array => array_map(fn (Interval $i): string => substr($this->local($i->start), 8), $p->stretches),
            $plan->placed,
        );
        $plan = $this->plan([$coat('first', null), $coat('second', 'first'), $coat('third', 'second')], $hands, $from, [], 100);
        self::assertSame([['23 15:30', '23 15:55'], ['24 08:00', '24 08:25'], ['24 11:25']], $times($plan));
        self::assertSame([true, true, false], array_map(static fn (PlacedWork $p): bool => $p->mixed, $plan->placed));
        $sanded = new Work('sand', 'j', 30);
        self::assertSame(
            [['23 15:30'], ['23 17:35', '23 18:00']],
            $times($this->plan(
                [$sanded, new Work('coat', 'j', 60, [new Precedence('sand', new Minutes(120))], pot: $pot)],
                [new Calendar($this->week([[480, 1200]]), $from)],
                $from,
                [],
                100,
            )),
        );
    }

    /** A door turned between its sides: A1 9:00, B1 11:30, A2 14:00, B2 16:30. With a helper two doors are ready as soon. */
    #[TestWith([1, 1])]
    #[TestWith([2, 2])]
    public function testATurnedDoorIsReadyOnMondayAtFive(int $doors, int $hands): void
    {
        $from = $this->at('2026-11-23 09:00');
        $turn = new Minutes(120);
        $recoat = new Minutes(240);
        $works = [];
        for ($d = 1; $d <= $doors; ++$d) {
            $works[] = new Work("a1 $d", "door $d", 30);
            $works[] = new Work("b1 $d", "door $d", 30, [new Precedence("a1 $d", $turn)]);
            $works[] = new Work("a2 $d", "door $d", 30, [new Precedence("b1 $d", $turn), new Precedence("a1 $d", $recoat)]);
            $works[] = new Work("b2 $d", "door $d", 30, [new Precedence("a2 $d", $turn), new Precedence("b1 $d", $recoat)]);
        }
        $plan = $this->plan($works, array_fill(0, max(1, $hands), new Calendar($this->week([[540, 1020]]), $from)), $from, [], 5000);
        self::assertSame('2026-11-23 17:00', $this->local($plan->end));
        self::assertTrue($plan->complete);
    }

    public function testAWorkIsDoneInTheHoursInWhichItCanBe(): void
    {
        $from = $this->at('2026-11-23 08:00');
        $works = [new Work('a', 'j', 60, hours: $this->hours(11, 13)), new Work('b', 'j', 90, hours: $this->hours(11, 13))];
        $plan = $this->plan($works, [new Calendar($this->week([[480, 1020]]), $from)], $from, [], 100);
        self::assertSame('2026-11-24 12:00', $this->local($plan->end), 'they do not fit into one noon');
        self::assertNull((new PlanWorks())->plan(
            [new Work('a', 'j', 60, hours: $this->hours(3, 5))],
            [new Calendar($this->week([[480, 1020]]), $from)],
            $from,
            [],
            static fn (): bool => false,
        )?->ready['j'] ?? null, 'warm only while nobody is there');
    }

    /** A helper takes every second one; what only the painter can do waits for the painter. */
    public function testTwoPairsOfHands(): void
    {
        $from = $this->at('2026-11-23 08:00');
        $time = $this->week([[480, 1020]]);
        $works = array_map(static fn (int $i): Work => new Work("w$i", "j$i", 60), range(1, 4));
        $two = $this->plan($works, [new Calendar($time, $from), new Calendar($time, $from)], $from, [], 5000);
        self::assertSame('2026-11-23 10:00', $this->local($two->end));
        $alone = $this->plan(
            array_map(static fn (Work $w): Work => new Work($w->id, $w->job, 60, alone: true), $works),
            [new Calendar($time, $from), new Calendar($time, $from)],
            $from,
            [],
            5000,
        );
        self::assertSame('2026-11-23 12:00', $this->local($alone->end));
    }

    /** A largest wait that every night breaks is left, and told. */
    public function testAWaitThatCannotBeKeptIsTold(): void
    {
        $from = $this->at('2026-11-23 08:00');
        $plan = $this->plan(
            [new Work('a', 'j', 60), new Work('b', 'j', 60, [new Precedence('a', new Minutes(0, true), 120)])],
            [new Calendar($this->week([[480, 1020]]), $from)],
            $from,
            [],
            100,
        );
        self::assertSame(['b'], array_keys($plan->tooLong));
        self::assertSame(23 * 60 - 120, $plan->tooLong['b'], 'from nine till eight the next day: as early as it goes');
    }

    /**
     * @param list<Work>               $works
     * @param non-empty-list<Calendar> $hands
     * @param array<string, int>       $due
     * @param int                      $laid  works laid before any answer is overdue
     */
    private function plan(array $works, array $hands, int $from, array $due, int $looks, int $laid = \PHP_INT_MAX): WorkPlan
    {
        $plan = (new PlanWorks())->plan($works, $hands, $from, $due, self::over($looks), null, self::over($laid));
        self::assertNotNull($plan);

        return $plan;
    }

    /**
     * @param list<Work> $works
     */
    private function assertWorkable(WorkPlan $plan, array $works, WorkingTime $time, int $from): void
    {
        $at = array_column(array_map(static fn (PlacedWork $p): array => [$p->work->id, $p], $plan->placed), 1, 0);
        self::assertCount(\count($works), $at);
        $taken = [];
        foreach ($at as $id => $placed) {
            self::assertSame(
                $placed->work->minutes + $placed->setUp,
                array_sum(array_map(static fn (Interval $i): int => $i->minutes(), $placed->stretches)),
            );
            foreach ($placed->stretches as $stretch) {
                self::assertTrue(0 === $placed->work->minutes || $this->isWorking($stretch, $time), "$id outside the hours");
                0 === $placed->work->minutes || $taken[$placed->hands][] = [$stretch->start, $stretch->end];
            }
            self::assertGreaterThanOrEqual($from, $placed->start());
            foreach ($placed->work->links as $link) {
                $before = $at[$link->after]->end();
                self::assertGreaterThanOrEqual($link->wait->over($before, new Calendar($time, $from)), $placed->begins(), "$id too soon");
                self::assertTrue(
                    null === $link->most || $placed->begins() <= $before + 60 * $link->most || isset($plan->tooLong[$id]),
                    "$id too late, and it is not said",
                );
            }
        }
        foreach ($at as $id => $placed) {
            $pot = $placed->work->pot;
            if (null !== $placed->work->hours) {
                foreach (\array_slice($placed->stretches, $placed->slakes() > 0 ? 1 : 0) as $laid) {
                    self::assertNull($placed->work->hours->closedIn($laid), "$id while it is too cold");
                }
            }
            if (null !== $pot) {
                $batch = array_filter($at, static fn (PlacedWork $p): bool => $p->mixed
                    && $p->work->pot?->id === $pot->id
                    && $p->start() <= $placed->start()
                    && (null === $pot->life || $p === $placed || $placed->end() <= $p->start() + 60 * $pot->life));
                self::assertNotSame([], $batch, "$id out of a pot that is gone");
            }
            if ($placed->slakes() > 0) {
                self::assertGreaterThanOrEqual($placed->stretches[0]->end + 60 * ($pot->slake ?? 0), $placed->begins(), "$id not slaked");
            }
        }
        foreach ($taken as $own) {
            sort($own);
            for ($i = 1; $i < \count($own); ++$i) {
                self::assertGreaterThanOrEqual($own[$i - 1][1], $own[$i][0], 'two at once');
            }
        }
    }

    private function isWorking(Interval $stretch, WorkingTime $time): bool
    {
        foreach ($time->from($stretch->start) as $interval) {
            return $interval->start === $stretch->start && $interval->end >= $stretch->end;
        }

        return false;
    }

    /**
     * @param list<Work>                      $left
     * @param \Closure(PartialSchedule): void $do
     */
    private function everyOrder(PartialSchedule $laying, array $left, \Closure $do): void
    {
        if ([] === $left) {
            $do($laying);

            return;
        }
        foreach ($left as $i => $work) {
            if ([] === array_filter($work->links, static fn (Precedence $l): bool => !isset($laying->placed()[$l->after]))) {
                $next = $laying->with($work);
                null === $next || $this->everyOrder($next, array_values(array_diff_key($left, [$i => 1])), $do);
            }
        }
    }

    /**
     * @param array<string, int> $due
     *
     * @return array{int, int, int}
     */
    private static function cost(PartialSchedule $laying, array $due): array
    {
        $ready = [];
        foreach ($laying->placed() as $p) {
            $ready[$p->work->job] = max($ready[$p->work->job] ?? 0, $p->over);
        }
        $late = max([
            0,
            ...array_map(static fn (string $job, int $by): int => (int) ceil(($ready[$job] - $by) / 60), array_keys($due), $due),
        ]);

        return [array_sum($laying->tooLong()), $late, max(0, ...array_values($ready))];
    }

    /**
     * @return list<Work> chains, some with a branch, some with pots
     */
    private function works(int $jobs, int $most): array
    {
        $works = [];
        for ($j = 0; $j < $jobs; ++$j) {
            $count = $this->int(1, $most);
            for ($i = 0; $i < $count; ++$i) {
                $links = [];
                if ($i > 0) {
                    $wait = $this->int(0, 500);
                    $links[] = new Precedence(
                        "w$j-".($this->int(0, 3) > 0 ? $i - 1 : $this->int(0, $i - 1)),
                        new Minutes($wait, 0 === $this->int(0, 4)),
                        0 === $this->int(0, 4) ? $wait + $this->int(60, 900) : null,
                    );
                }
                $pot = 0 === $this->int(0, 2)
                    ? new Pot('pot '.$this->int(1, 3), $this->int(3, 20), 5 * $this->int(0, 6), 0 === $this->int(0, 1) ? 90 : null)
                    : null;
                $minutes = $this->int(5, 260);
                $works[] = new Work(
                    "w$j-$i",
                    "j$j",
                    $minutes,
                    $links,
                    new Minutes($this->int(0, 300)),
                    $pot,
                    hours: $minutes <= 100 && 0 === $this->int(0, 2) ? $this->hours(8, 16) : null,
                );
            }
        }

        return $works;
    }

    private function hours(int $from, int $to): HoursOfDay
    {
        return new HoursOfDay(
            array_map(static fn (int $h): bool => $h >= $from && $h < $to, range(0, 23)),
            new \DateTimeZone(self::ZONE),
        );
    }

    private function time(): WorkingTime
    {
        $hours = [[[480, 1020]], [[480, 720], [780, 1020]], [[540, 660], [840, 1200]]][$this->int(0, 2)];

        return $this->week($hours);
    }

    /**
     * @param list<array{int, int}> $hours
     */
    private function week(array $hours): WorkingTime
    {
        return WorkingTime::of(self::ZONE, array_fill(1, 5, $hours));
    }

    private function at(string $local): int
    {
        return (new \DateTimeImmutable($local, new \DateTimeZone(self::ZONE)))->getTimestamp();
    }

    private function local(int $instant): string
    {
        return (new \DateTimeImmutable('@'.$instant))->setTimezone(new \DateTimeZone(self::ZONE))->format('Y-m-d H:i');
    }
}
