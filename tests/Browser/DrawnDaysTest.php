<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * The drawn plan of the days: what the page makes of works and hours, held against what they say.
 */
final class DrawnDaysTest extends TestCase
{
    use Randomly;

    private const HOURS = [
        'mon' => self::SHIFTS,
        'tue' => self::SHIFTS,
        'wed' => self::SHIFTS,
        'thu' => self::SHIFTS,
        'fri' => self::SHIFTS,
    ];
    private const SHIFTS = [['from' => '08:00', 'to' => '12:00'], ['from' => '13:00', 'to' => '17:00']];

    /**
     * For plans of any kind: time runs to the right without a gap, each day keeps to its own column, a day that is pointed at is that day,
     * and every moment of a piece from its first work to its last wait is drawn as hands, drying or waiting.
     */
    public function testTimeRunsToTheRightAndNothingIsLeftOut(): void
    {
        $plans = [];
        $this->manyTimes(150, function () use (&$plans): void {
            $plans[] = [
                'plan' => $this->plan(),
                'hours' => ['hours' => self::HOURS, 'exceptions' => [['date' => '2026-03-31', 'hours' => []]]],
            ];
        });
        $script = <<<'JS'
            const axis = page.axisOf([given.plan], given.hours);
            const rows = given.plan.pieces.map((p) => page.rowOf(given.plan, p.id, axis));
            const moments = given.plan.works.flatMap((w) => [...w.stretches.flatMap((s) => [s.start, s.end]), w.over]).sort();
            return { columns: axis.columns, rows, moments, at: moments.map(axis.at), days: moments.map(
                (m) => axis.dayAt(axis.at(m) + 1e-9),
            ) };
            JS;
        foreach (PageCode::run('log/days/axis.ts', $script, $plans) as $i => $drawn) {
            \assert($drawn instanceof \stdClass);
            $works = $plans[$i]['plan']['works'];
            $right = 0.0;
            foreach ($drawn->columns as $c) {
                self::assertEqualsWithDelta($right, $c->left, 1e-9, 'column by column');
                $right = $c->left + $c->width;
                $worked = array_filter($works, static fn (array $w): bool => str_starts_with($w['stretches'][0]['start'], $c->date));
                [] === $worked || self::assertSame(1, $c->days, 'what is worked on is not folded');
            }
            self::assertEqualsWithDelta(1.0, $right, 1e-9);
            $sorted = $drawn->at;
            sort($sorted);
            self::assertSame($sorted, $drawn->at, 'later is further right');
            foreach ($drawn->moments as $n => $moment) {
                self::assertSame(substr($moment, 0, 10), $drawn->days[$n], 'the day that is pointed at');
            }
            foreach ($drawn->rows as $n => $row) {
                $own = array_values(array_filter($works, static fn (array $w): bool => "p$n" === $w['piece']));
                self::assertCount(\count($own), $row->blocks);
                $spans = [...$row->blocks, ...$row->dries, ...$row->waits];
                usort($spans, static fn (\stdClass $a, \stdClass $b): int => $a->left <=> $b->left);
                $drawnTo = $spans[0]->left;
                foreach ($spans as $span) {
                    self::assertLessThanOrEqual($drawnTo + 1e-9, $span->left, 'no gap');
                    $drawnTo = max($drawnTo, $span->left + $span->width);
                }
                foreach ($row->dries as $d => $span) {
                    $next = $row->dries[$d + 1] ?? null;
                    null === $next || self::assertGreaterThan($span->left + $span->width, $next->left, 'drawn once');
                }
            }
        }
    }

    /** The scale itself, by hand: a day with work is open from 8 to 17, its nights are narrow; the days without work are one. */
    public function testNightsAreNarrowAndIdleDaysFolded(): void
    {
        $work = static fn (string $from, string $to): array => [
            'piece' => 'p0',
            'step' => 's',
            'coat' => 1,
            'lay' => 1,
            'number' => 1,
            'hands' => 0,
            'stretches' => [['start' => "{$from}:00+02:00", 'end' => "{$to}:00+02:00"]],
            'over' => "{$to}:00+02:00",
        ];
        $plan = [
            'now' => '2026-03-30T07:00:00+02:00',
            'works' => [$work('2026-03-30T08:00', '2026-03-30T09:00'), $work('2026-04-07T08:00', '2026-04-07T12:30')],
            'pieces' => [['id' => 'p0', 'ready' => '2026-04-07T12:30:00+02:00', 'due' => '2026-04-10T23:59:59+02:00']],
        ];
        $script = <<<'JS'
            const axis = page.axisOf([given.plan], { hours: given.hours, exceptions: [] });
            const at = (m) => Math.round(axis.at(m) * 10000);
            return {
              columns: axis.columns.map((c) => [c.date, c.days, c.opens, c.closes]),
              at: given.moments.map((m) => Math.round(axis.at(m) * 10000)),
              days: [0, 0.5, 0.9999].map(axis.dayAt),
              ready: Math.round(page.rowOf(given.plan, 'p0', axis).ready * 10000),
            };
            JS;
        $moments = [
            '2026-03-30T00:00',
            '2026-03-30T08:00',
            '2026-03-30T12:30',
            '2026-03-30T17:00',
            '2026-03-31T00:00',
            '2026-04-07T12:30',
            '2027-01-01T00:00',
        ];
        [$drawn] = PageCode::run('log/days/axis.ts', $script, [['plan' => $plan, 'hours' => self::HOURS, 'moments' => $moments]]);
        \assert($drawn instanceof \stdClass);
        self::assertSame(
            [
                ['2026-03-30', 1, 8, 17],
                ['2026-03-31', 7, 0, 24],
                ['2026-04-07', 1, 8, 17],
                ['2026-04-08', 2, 0, 24],
                ['2026-04-10', 1, 0, 24],
            ],
            $drawn->columns,
        );
        // 1 + 0.45 + 1 + 0.45 + 0.5 = 3.4 wide; a night takes 7 % of its day on either side.
        $of = static fn (float $x): int => (int) round(10_000 * $x / 3.4);
        self::assertSame([0, $of(0.07), $of(0.5), $of(0.93), $of(1), $of(1.95), 10_000], $drawn->at);
        self::assertSame($of(1.95), $drawn->ready);
        self::assertSame(['2026-03-30', '2026-04-07', '2026-04-10'], $drawn->days);
    }

    /**
     * @return array{now: string, works: list<array<string, mixed>>, pieces: list<array<string, mixed>>}
     */
    private function plan(): array
    {
        $start = new \DateTimeImmutable('2026-03-26 08:00', new \DateTimeZone('Europe/Berlin')); // the clocks change on the 29th
        $works = $pieces = [];
        for ($p = $this->int(1, 3) - 1; $p >= 0; --$p) {
            $at = $ready = $start->modify("+{$this->int(0, 300)} minutes");
            for ($n = $this->int(1, 8); $n > 0; --$n) {
                $end = $at->modify('+'.$this->int(5, 90).' minutes');
                $over = $end->modify('+'.(0 === $this->int(0, 2) ? 0 : $this->int(10, 4000)).' minutes');
                $ready = max($ready, $over);
                $works[] = [
                    'piece' => "p$p",
                    'step' => "s$n",
                    'coat' => 1,
                    'lay' => 1,
                    'number' => $n,
                    'hands' => $this->int(0, 1),
                    'stretches' => [['start' => $at->format('c'), 'end' => $end->format('c')]],
                    'over' => $over->format('c'),
                ];
                $at = ($this->int(0, 3) > 0 ? $over : $end)->modify('+'.$this->int(0, 20).' minutes');
                $hour = (int) $at->format('G');
                $at = $hour < 8 ? $at->setTime(8, 0) : ($hour > 15 ? $at->modify('+1 day')->setTime(8, 0) : $at);
                $at = $at->modify('+'.(0 === $this->int(0, 5) ? $this->int(1, 9) : 0).' days');
            }
            $pieces[] = ['id' => "p$p", 'ready' => $ready->format('c'), 'due' => null];
        }
        usort($works, static fn (array $a, array $b): int => $a['stretches'][0]['start'] <=> $b['stretches'][0]['start']);

        return ['now' => $start->modify('-1 hour')->format('c'), 'works' => $works, 'pieces' => array_reverse($pieces)];
    }
}
