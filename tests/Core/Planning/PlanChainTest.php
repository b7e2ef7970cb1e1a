<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Planning;

use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Planning\InvalidSchedule;
use Inlaid\Core\Planning\Minutes;
use Inlaid\Core\Planning\PlacedWork;
use Inlaid\Core\Planning\PlanWorks;
use Inlaid\Core\Planning\Precedence;
use Inlaid\Core\Planning\Work;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Planning\WorkPlan;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * A chain of steps over working days.
 */
final class PlanChainTest extends TestCase
{
    use Randomly;

    private const WEEK = [[[480, 720], [780, 1020]]];

    public function testAWashAndTwoCoatsOfWaxOverTheWeekend(): void
    {
        $plan = $this->plan([[60, 120], [150, 60, true], [30, 0]], 'Fri 2026-11-27 08:00');
        self::assertSame(['Fri 08:00-09:00', 'Fri 13:00-15:30', 'Mon 08:00-08:30'], $this->words($plan));
    }

    /**
     * After a step at 16:00 the next one, at most 3 hours later but at least 2, would fall on the next day: so the first is moved there.
     */
    public function testALargestWaitPushesTheOneBefore(): void
    {
        $plan = $this->plan([[450, 0], [30, 120, false, 180], [30, 0]], 'Mon 2026-11-23 08:00');
        self::assertSame(['Mon 08:00-12:00 Mon 13:00-16:30', 'Tue 08:00-08:30', 'Tue 10:30-11:00'], $this->words($plan));
    }

    public function testALargestWaitThatANightAlwaysBreaksIsReportedAndNotChased(): void
    {
        $plan = $this->plan([[30, 0, true, 240], [30, 0]], 'Mon 2026-11-23 08:00');
        self::assertSame(['Mon 08:00-08:30', 'Tue 08:00-08:30'], $this->words($plan));
        self::assertSame(['piece/1' => 23 * 60 + 30 - 240], $plan->tooLong);
    }

    /**
     * The clocks go back in the night to 25 October 2026, at 01:00 UTC.
     */
    public function testWaitsAreRealHoursAcrossDaylightSaving(): void
    {
        $time = WorkingTime::of('Europe/Zurich', [6 => [[1020, 1080]], 7 => [[0, 1440]]]);
        $plan = self::chain([[60, 9 * 60], [10, 0]], $time, $this->at('2026-10-24 17:00'));
        self::assertSame('2026-10-25 01:00', gmdate('Y-m-d H:i', $plan->placed[1]->start()), 'nine hours after 16:00 UTC');
        self::assertSame(
            '02:00 +01:00',
            (new \DateTimeImmutable('@'.$plan->placed[1]->start()))->setTimezone($time->zone)->format('H:i P'),
        );
    }

    public function testExceptionsOfTheCalendar(): void
    {
        $time = WorkingTime::of('Europe/Zurich', [1 => [[480, 720]]], ['2026-11-23' => [], '2026-11-25' => [[600, 660]]]);
        $plan = self::chain([[30, 0], [120, 0]], $time, $this->at('2026-11-23 08:00'));
        self::assertSame(['Wed 10:00-10:30', 'Mon 08:00-10:00'], $this->words($plan));
    }

    public function testEveryPlanKeepsOrderWaitsAndHoursAndIsTheEarliest(): void
    {
        $this->manyTimes(60, function (): void {
            $operations = array_map(
                fn (): array => [$this->int(5, 300), $this->int(0, 600), 0 === $this->int(0, 4)],
                range(1, $this->int(1, 8)),
            );
            $start = $this->at('2026-11-23 06:00') + 60 * $this->int(0, 10000);
            $plan = $this->plan($operations, '@'.$start);
            $free = $start;
            foreach ($plan->placed as $i => $p) {
                $worked = 0;
                foreach ($p->stretches as $s) {
                    $worked += $s->minutes();
                    self::assertTrue($this->isWorking($s->start, $s->end));
                }
                self::assertSame($p->work->minutes, $worked);
                self::assertGreaterThanOrEqual($free, $p->start());
                for ($earlier = $free; 1 === \count($p->stretches) && $earlier < $p->start(); $earlier += 60) {
                    self::assertFalse($this->isWorking($earlier, $earlier + $p->work->minutes * 60), 'It could have begun earlier.');
                }
                $free = $p->end() + 60 * $operations[$i][1];
                $free = $operations[$i][2] ? max($free, $this->midnight($p->end())) : $free;
                self::assertSame($free, $p->over);
            }
        });
    }

    /**
     * On a grid of half hours every start of every operation is tried; where all largest waits can be kept, the plan must
     * keep them and end as early as the best that was found.
     */
    public function testLargestWaitsAreKeptWhereTheyCanBeAndTheEndIsTheEarliest(): void
    {
        $kept = 0;
        $this->manyTimes(60, function () use (&$kept): void {
            $operations = array_map(function (): array {
                $least = 30 * $this->int(0, 8);

                return [30 * $this->int(1, 6), $least, false, 0 === $this->int(0, 1) ? $least + 30 * $this->int(0, 6) : null];
            }, range(1, 3));
            $start = $this->at('Mon 2026-11-23 08:00') + 1800 * $this->int(0, 15);
            $best = $this->earliestEnd($operations, $start, $start);
            $plan = $this->plan($operations, '@'.$start);
            if (null !== $best) {
                ++$kept;
                self::assertSame([], $plan->tooLong);
                self::assertSame($best, $plan->placed[2]->end());
            }
        });
        self::assertGreaterThan(30, $kept);
    }

    /**
     * A minute a week: a quarter of an hour is done after 15 Mondays, two days of work are never done, and what comes before them is still
     * planned.
     */
    public function testWhatLiesTooFarAheadIsNotPlanned(): void
    {
        $mondays = WorkingTime::of('UTC', [1 => [[480, 481]]]);
        $start = $this->at('Mon 2026-11-23 08:00');
        self::assertCount(15, self::chain([[15, 60]], $mondays, $start)->placed[0]->stretches);
        foreach ([[['piece/0'], [[15, 60], [2880, 0], [5, 0]]], [[], [[2880, 0]]]] as [$fits, $tooLong]) {
            $plan = (new PlanWorks())->plan(
                self::works($tooLong),
                [new Calendar($mondays, $start)],
                $start,
                [],
                static fn (): bool => false,
            );
            self::assertSame(
                [$fits, [], false],
                [array_map(static fn (PlacedWork $p): string => $p->work->id, $plan->placed ?? []), $plan?->ready, $plan?->complete],
            );
        }
    }

    public function testRefusesHoursNobodyCanWork(): void
    {
        foreach ([
            ['Moon/Base', [1 => [[0, 60]]]],
            ['UTC', []],
            ['UTC', [1 => [[60, 30]]]],
            ['UTC', [1 => [[0, 60], [30, 90]]]],
        ] as [$zone, $week]) {
            try {
                WorkingTime::of($zone, $week);
                self::fail('Nonsense was accepted.');
            } catch (InvalidSchedule $refusal) {
                self::assertNotSame('', $refusal->getMessage());
            }
        }
    }

    /**
     * @param list<array{int, int, 2?: bool, 3?: int|null}> $operations
     */
    private function earliestEnd(array $operations, int $from, int $start, ?int $latest = null): ?int
    {
        $operation = array_shift($operations);
        [$minutes, $least, $most] = [$operation[0] ?? 0, $operation[1] ?? 0, $operation[3] ?? null];
        if (null === $operation) {
            return $from;
        }
        $best = null;
        for ($at = $from; $at < $start + 4 * 86400 && $at <= ($latest ?? \PHP_INT_MAX); $at += 1800) {
            $end = $at + 60 * $minutes;
            if (!$this->isWorking($at, $end) || (null !== $best && $end >= $best)) {
                continue;
            }
            $then = [] === $operations
                ? $end
                : $this->earliestEnd($operations, $end + 60 * $least, $start, null === $most ? null : $end + 60 * $most);
            $best = null === $then ? $best : min($best ?? \PHP_INT_MAX, $then);
        }

        return $best;
    }

    /**
     * @param list<array{int, int, 2?: bool, 3?: int|null}> $operations
     */
    private function plan(array $operations, string $from): WorkPlan
    {
        return self::chain($operations, WorkingTime::of('Europe/Zurich', array_fill(1, 5, self::WEEK[0])), $this->at($from));
    }

    /**
     * @param list<array{int, int, 2?: bool, 3?: int|null}> $operations minutes, the wait after it, whether overnight too, and the most
     */
    private static function chain(array $operations, WorkingTime $time, int $from): WorkPlan
    {
        $plan = (new PlanWorks())->plan(self::works($operations), [new Calendar($time, $from)], $from, [], static fn (): bool => false);
        self::assertNotNull($plan);
        self::assertTrue($plan->complete);

        return $plan;
    }

    /**
     * @param list<array{int, int, 2?: bool, 3?: int|null}> $operations
     *
     * @return list<Work>
     */
    private static function works(array $operations): array
    {
        $works = $links = [];
        foreach ($operations as $i => $o) {
            $wait = new Minutes($o[1], $o[2] ?? false);
            $works[] = new Work("piece/$i", 'piece', $o[0], $links, $wait);
            $links = [new Precedence("piece/$i", $wait, $o[3] ?? null)];
        }

        return $works;
    }

    private function midnight(int $instant): int
    {
        return (new \DateTimeImmutable('@'.$instant))->setTimezone(new \DateTimeZone('Europe/Zurich'))->modify('tomorrow')->getTimestamp();
    }

    private function at(string $local): int
    {
        return (new \DateTimeImmutable($local, new \DateTimeZone('Europe/Zurich')))->getTimestamp();
    }

    private function isWorking(int $start, int $end): bool
    {
        [$from, $to] = array_map(
            static fn (int $t): \DateTimeImmutable => (new \DateTimeImmutable('@'.$t))->setTimezone(new \DateTimeZone('Europe/Zurich')),
            [$start, $end],
        );
        $minutes = static fn (\DateTimeImmutable $t): int => 60 * (int) $t->format('G') + (int) $t->format('i');

        return $from->format('N') < 6 && $from->format('z') === $to->format('z')
            && [] !== array_filter(self::WEEK[0], static fn (array $i): bool => $minutes($from) >= $i[0] && $minutes($to) <= $i[1]);
    }

    /**
     * @return list<string>
     */
    private function words(WorkPlan $plan): array
    {
        $zone = new \DateTimeZone('Europe/Zurich');
        $at = static fn (int $t, string $format): string => (new \DateTimeImmutable('@'.$t))->setTimezone($zone)->format($format);

        return array_map(
            static fn (PlacedWork $p): string => implode(
                ' ',
                array_map(static fn ($s): string => $at($s->start, 'D H:i').'-'.$at($s->end, 'H:i'), $p->stretches),
            ),
            $plan->placed,
        );
    }
}
