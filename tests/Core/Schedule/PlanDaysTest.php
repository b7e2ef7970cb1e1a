<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Schedule;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Drying\DayCurve;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Recipe\Criterion;
use Inlaid\Core\Recipe\Intent;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Repeat;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Schedule\DayPiece;
use Inlaid\Core\Schedule\DaysPreview;
use Inlaid\Core\Schedule\DayWork;
use Inlaid\Core\Schedule\PieceToDo;
use Inlaid\Core\Schedule\PlanDays;
use Inlaid\Core\Schedule\TimeSlot;
use Inlaid\Tests\Core\CutsShort;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * The days of any bench: counted minute by minute, and with the time to plan cut short.
 */
final class PlanDaysTest extends TestCase
{
    use CutsShort;
    use Randomly;

    private const ZONE = 'Europe/Zurich';

    /**
     * What is told as free is every working minute of the painter from now to the last work in which nothing is done, but for gaps of under
     * a quarter of an hour; and nothing else is.
     */
    public function testFreeTimeIsWhatIsLeftOfTheHours(): void
    {
        $this->manyTimes(25, function (): void {
            $week = $this->week();
            $now = $this->now();
            $plan = $this->plan($this->pieces($now), $week, $now, $this->int(0, 30));
            $minutes = static fn (TimeSlot $s): array => [intdiv((int) strtotime($s->start), 60), intdiv((int) strtotime($s->end), 60)];
            $busy = $free = [];
            $until = 0;
            foreach ($plan->works as $work) {
                foreach (0 === $work->hands ? $work->stretches : [] as $stretch) {
                    [$from, $to] = $minutes($stretch);
                    for ($minute = $from; $minute < $to; ++$minute) {
                        self::assertArrayNotHasKey($minute, $busy, 'two at once');
                        $busy[$minute] = true;
                    }
                    $until = $to > $from ? max($until, $to) : $until;
                }
            }
            foreach (WorkingTime::of(self::ZONE, $week)->from($now) as $hours) {
                if ($hours->start >= 60 * $until) {
                    break;
                }
                $gap = [];
                for ($minute = intdiv($hours->start, 60); $minute <= intdiv($hours->end, 60); ++$minute) {
                    if ($minute < min($until, intdiv($hours->end, 60)) && !isset($busy[$minute])) {
                        $gap[] = $minute;
                    } elseif ([] !== $gap) {
                        \count($gap) < 15 || array_push($free, ...$gap);
                        $gap = [];
                    }
                }
            }
            self::assertSame(
                $free,
                array_merge([], ...array_map(static fn (TimeSlot $s): array => range($minutes($s)[0], $minutes($s)[1] - 1), $plan->gaps)),
            );
        });
    }

    /**
     * However little time there is to plan, all works are there, each after those it waits for; only what is a refinement is left out, and
     * it is said.
     */
    public function testAPlanInAHurryIsStillAPlan(): void
    {
        $left = 0;
        $this->manyTimes(25, function () use (&$left): void {
            $now = $this->now();
            [$week, $pieces] = [$this->week(), $this->pieces($now)];
            $calm = $this->plan($pieces, $week, $now, 40);
            $hurried = $this->plan($pieces, $week, $now, 0, $this->int(0, 12));
            $keys = static function (DaysPreview $plan): array {
                $keys = array_map(static fn (DayWork $w): string => "$w->piece $w->step $w->coat $w->lay", $plan->works);
                sort($keys);

                return $keys;
            };
            self::assertSame($keys($calm), $keys($hurried));
            self::assertSame($calm->handsOn, $hurried->handsOn);
            self::assertLessThanOrEqual($hurried->end, $hurried->bound);
            foreach (array_map(null, $calm->pieces, $hurried->pieces) as [$a, $b]) {
                self::assertInstanceOf(DayPiece::class, $a);
                self::assertInstanceOf(DayPiece::class, $b);
                self::assertLessThanOrEqual($a->ready, $a->soonest);
                self::assertLessThanOrEqual($a->latest, $a->ready);
                self::assertLessThanOrEqual($b->ready, $b->soonest ?? $b->ready);
                self::assertLessThanOrEqual($b->latest ?? $b->ready, $b->ready);
                $left += null === $b->soonest ? 1 : 0;
            }
        });
        self::assertGreaterThan(5, $left);
    }

    /**
     * Whatever part comes next: nothing is sanded while an earlier coat on another part is wet, and no coat comes before a sanding that is
     * earlier in the recipe.
     */
    public function testNothingIsSandedBesideWetPaint(): void
    {
        $beside = 0;
        $this->manyTimes(40, function () use (&$beside): void {
            $part = static fn (string $id): PiecePart => PiecePart::of(
                $id,
                $id,
                Surface::free(1.0),
                1,
                Substrate::of(SubstrateKind::Solid, 'lime', Grain::Close, Colour::of('#e5d3b3')),
            );
            $steps = array_map(
                fn (int $i): Step => $this->step(
                    "s$i",
                    0 === $this->int(0, 1) ? 'sanded' : 'brushed',
                    1,
                    null,
                    [['door', 'case'][$this->int(0, 1)]],
                ),
                range(0, 5),
            );
            $now = $this->now();
            $recipe = Recipe::of('Two parts', Piece::of('Case', 1, [$part('door'), $part('case')]), $steps);
            $works = array_column(
                array_map(
                    static fn (DayWork $w): array => [$w->step, $w],
                    $this->plan(
                        [new PieceToDo('p', $recipe, DayCurve::steady(Climate::reference()), $now)],
                        $this->week(),
                        $now,
                        30,
                    )->works,
                ),
                1,
                0,
            );
            foreach ($steps as $i => $step) {
                foreach (\array_slice($steps, 0, $i) as $before) {
                    [$one, $other] = [$works[$before->id], $works[$step->id]];
                    if ('sanded' === $step->technique->key() && 'brushed' === $before->technique->key()) {
                        self::assertGreaterThanOrEqual(
                            (int) strtotime($one->stretches[0]->end) + 3600,
                            strtotime($other->stretches[0]->start),
                        );
                        ++$beside;
                    }
                    if ('brushed' === $step->technique->key() && 'sanded' === $before->technique->key()) {
                        self::assertGreaterThanOrEqual(
                            strtotime($one->stretches[\count($one->stretches) - 1]->end),
                            strtotime($other->stretches[0]->start),
                        );
                    }
                }
            }
        });
        self::assertGreaterThan(50, $beside);
    }

    /** Begun on the day by which it must be begun, a piece is ready in time; on the next working day it is not. */
    public function testBegunByThatDayItIsReadyInTime(): void
    {
        $told = 0;
        $this->manyTimes(20, function () use (&$told): void {
            $now = $this->now();
            $week = array_fill(1, 7, [[480, 720], [780, 1020]]);
            $due = WorkingTime::of(self::ZONE, $week)->nextMidnight($now + 86400 * $this->int(4, 30)) - 1;
            [$piece] = $this->pieces($now, 1, $due);
            $by = $this->plan([$piece], $week, $now, 0)->pieces[0]->beginBy;
            if (null === $by) {
                return;
            }
            ++$told;
            $begin = WorkingTime::of(self::ZONE, $week)->nextMidnight((int) strtotime($by)) - 86400;
            $readyFrom = fn (int $from): int => (int) strtotime(
                (string) $this->plan([$piece->notBefore($from)], $week, $now, 0)->pieces[0]->ready,
            );
            self::assertLessThanOrEqual($due, $readyFrom(max($now, $begin)));
            self::assertGreaterThan($due, $readyFrom($begin + 86400));
        });
        self::assertGreaterThan(10, $told);
    }

    /**
     * @param list<PieceToDo>                   $pieces
     * @param array<int, list<array{int, int}>> $week
     */
    private function plan(array $pieces, array $week, int $now, int $looks, int $late = \PHP_INT_MAX): DaysPreview
    {
        $time = WorkingTime::of(self::ZONE, $week);

        return (new PlanDays(Given::practices()))->plan($pieces, Given::context($time, $now), self::over($looks), self::over($late));
    }

    private function now(): int
    {
        return (new \DateTimeImmutable('2026-11-30 06:00', new \DateTimeZone(self::ZONE)))->getTimestamp() + 60 * $this->int(0, 6000);
    }

    /**
     * @return array<int, list<array{int, int}>>
     */
    private function week(): array
    {
        $noon = $this->int(690, 750);

        return array_fill(1, $this->int(3, 7), [[$this->int(420, 600), $noon], [$noon + $this->int(1, 90), $this->int(900, 1140)]]);
    }

    /**
     * @return list<PieceToDo>
     */
    private function pieces(int $now, int $most = 3, ?int $due = null): array
    {
        return array_map(function (int $p) use ($now, $due): PieceToDo {
            $part = PiecePart::of(
                'p',
                'Part',
                Surface::free($this->float(0.2, 4)),
                1,
                Substrate::of(SubstrateKind::Solid, 'lime', Grain::Close, Colour::of('#e5d3b3')),
            );
            $steps = array_map(
                fn (int $i): Step => 0 === $this->int(0, 3)
                    ? $this->step("s$i", 'sanded', 1, null)
                    : $this->step(
                        "s$i",
                        'brushed',
                        $coats = $this->int(1, 2),
                        0 === $i || 1 === $this->int(0, 1) ? Repeat::of(Criterion::Hides, 1, $coats + 1) : null,
                    ),
                range(0, $this->int(1, 4)),
            );

            return new PieceToDo(
                "piece$p",
                Recipe::of("Piece $p", Piece::of('Case', 1, [$part]), $steps),
                DayCurve::steady(Climate::reference()),
                $now + 3600 * $this->int(0, 30),
                $due,
            );
        }, range(1, $this->int(1, $most)));
    }

    /**
     * @param list<string> $parts
     */
    private function step(string $id, string $technique, int $coats, ?Repeat $repeat, array $parts = []): Step
    {
        $technique = Given::techniques()->named($technique);

        return Step::of(
            $id,
            $id,
            $technique,
            Intent::of(Purpose::Hide),
            $parts,
            $technique->profile()->takesMaterial ? Given::paint() : null,
            $coats,
            StepDetail::of(),
            WaitRule::of(WaitUntil::Recoat),
            '',
            $repeat,
        );
    }
}
