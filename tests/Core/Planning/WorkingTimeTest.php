<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Planning;

use Inlaid\Core\Planning\Interval;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * Working hours on the clock of the wall, in any zone and over both changes of the clock, against the wall's clock itself
 * read minute by minute.
 */
final class WorkingTimeTest extends TestCase
{
    use Randomly;

    #[TestWith(['Europe/Zurich', '2026-03-27 00:00'])]
    #[TestWith(['Europe/Zurich', '2026-10-23 00:00'])]
    #[TestWith(['America/New_York', '2026-10-30 00:00'])]
    #[TestWith(['Australia/Lord_Howe', '2026-04-03 00:00'])]
    #[TestWith(['Asia/Kolkata', '2026-11-20 00:00'])]
    #[TestWith(['UTC', '2026-12-30 00:00'])]
    public function testEveryMinuteIsWorkedOrNotAsTheClockSays(string $zone, string $from): void
    {
        $this->manyTimes(6, function () use ($zone, $from): void {
            $week = [];
            foreach (range(1, 7) as $day) {
                $week[$day] = 0 === $this->int(0, 3) ? [] : $this->stretches();
            }
            $start = new \DateTimeImmutable($from, new \DateTimeZone($zone));
            $exceptions = [
                $start->modify('+2 days')->format('Y-m-d') => $this->stretches(),
                $start->modify('+3 days')->format('Y-m-d') => [],
            ];
            $week[1] = [] === $week[1] ? [[480, 540]] : $week[1];
            $time = WorkingTime::of($zone, $week, $exceptions);
            $at = $start->getTimestamp() + 60 * $this->int(0, 1440);
            $until = $start->getTimestamp() + 5 * 86400;
            $worked = [];
            foreach ($time->from($at) as $interval) {
                if ($interval->start >= $until) {
                    break;
                }
                self::assertGreaterThanOrEqual($at, $interval->start);
                for ($t = $interval->start; $t < min($interval->end, $until); $t += 60) {
                    self::assertArrayNotHasKey($t, $worked, 'no minute twice');
                    $worked[$t] = true;
                }
            }
            for ($t = $at; $t < $until; $t += 60) {
                $local = (new \DateTimeImmutable('@'.$t))->setTimezone($time->zone);
                $minute = 60 * (int) $local->format('G') + (int) $local->format('i');
                $hours = $exceptions[$local->format('Y-m-d')] ?? $week[(int) $local->format('N')];
                $should = [] !== array_filter($hours, static fn (array $i): bool => $minute >= $i[0] && $minute < $i[1]);
                self::assertSame($should, isset($worked[$t]), $local->format('c'));
            }
        });
    }

    public function testTheLongestStretchIsThatOfAnOrdinaryWeek(): void
    {
        self::assertSame(
            240,
            WorkingTime::of('UTC', [1 => [[480, 720], [780, 1020]], 3 => [[0, 30]]], ['2026-11-25' => [[0, 1440]]])->longestStretch,
        );
    }

    /**
     * The night to 29 March 2026 has 23 hours, that to 25 October 25; midnight is midnight all the same.
     */
    #[TestWith(['2026-03-28 18:00', 6])]
    #[TestWith(['2026-03-29 00:00', 23])]
    #[TestWith(['2026-10-25 00:00', 25])]
    #[TestWith(['2026-11-25 23:30', 0.5])]
    public function testOvernightEndsAtMidnightOnTheWall(string $local, float $hours): void
    {
        $time = WorkingTime::of('Europe/Zurich', [1 => [[480, 720]]]);
        $at = (new \DateTimeImmutable($local, $time->zone))->getTimestamp();
        self::assertSame((int) ($at + 3600 * $hours), $time->nextMidnight($at));
        self::assertSame((int) (60 * $hours), (new Interval($at, $time->nextMidnight($at)))->minutes());
    }

    /**
     * Hours that do not begin or end within the hour that a change of the clock skips or repeats; they may lie across it.
     *
     * @return list<array{int, int}>
     */
    private function stretches(): array
    {
        $marks = array_map(fn (): int => 0 === $this->int(0, 3) ? 10 * $this->int(0, 6) : 10 * $this->int(18, 144), range(1, 4));
        sort($marks);

        return array_values(array_filter([[$marks[0], $marks[1]], [$marks[2], $marks[3]]], static fn (array $i): bool => $i[0] < $i[1]));
    }
}
