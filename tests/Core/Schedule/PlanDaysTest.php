<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Schedule;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Drying\DayCurve;
use Inlaid\Core\Material\StatedTimes;
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
use PHPUnit\Framework\Attributes\TestWith;
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

    /**
     * A door that is turned, two coats of half an hour a side, two hours until it can be turned and four until it can be recoated: A at
     * nine, B at half past eleven, A again at two, B again at half past four. So it is as one step of two coats, as four steps on one side
     * each, and with a helper for two doors.
     *
     * @param list<list<string>> $coats the faces of each step
     */
    #[TestWith([[[], []], 1])]
    #[TestWith([[['face'], ['reverse'], ['face'], ['reverse']], 1])]
    #[TestWith([[[], []], 2])]
    public function testEachSideOfADoorRecoatsFromItsOwnEnd(array $coats, int $doors): void
    {
        $door = PiecePart::of(
            'door',
            'Door',
            Surface::of(Given::shapes()->named('door'), ['length' => 900.0, 'width' => 500.0, 'thickness' => 20.0], ['face', 'reverse']),
            1,
            Substrate::of(SubstrateKind::Solid, 'lime', Grain::Close, Colour::of('#e5d3b3')),
            turned: true,
        );
        $paint = Given::paint(times: StatedTimes::of(120, 240, null, 1440, 30240));
        $steps = array_map(static fn (array $faces, int $i): Step => Step::of(
            "s$i",
            "s$i",
            Given::techniques()->named('brushed'),
            Intent::of(Purpose::Hide),
            array_map(static fn (string $f): string => "door:$f", $faces),
            $paint,
            1,
            StepDetail::of(handsOn: [] === $faces ? 60 : 30),
            WaitRule::of(WaitUntil::Recoat),
            '',
        ), $coats, array_keys($coats));
        $now = (new \DateTimeImmutable('2026-11-30 08:55', new \DateTimeZone(self::ZONE)))->getTimestamp();
        $time = WorkingTime::of(self::ZONE, array_fill(1, 5, [[535, 1020]]));
        $pieces = array_map(static fn (int $d): PieceToDo => new PieceToDo(
            "door $d",
            Recipe::of('Door', Piece::of('Door', 1, [$door]), $steps),
            DayCurve::steady(Climate::reference()),
            $now,
        ), range(1, $doors));
        $plan = (new PlanDays(Given::practices()))->plan(
            $pieces,
            Given::context($time, $now, helper: $doors > 1 ? $time : null),
            self::over(1000),
        );
        $ends = array_map(static fn (DayWork $w): string => substr($w->stretches[\count($w->stretches) - 1]->end, 0, 16), $plan->works);
        self::assertSame('2026-11-30T17:00', max([...$ends, '']));
        self::assertCount(4 * $doors, $ends);
    }

    /**
     * A soak of two days costs a quarter of an hour, not two days; other work is done meanwhile, and it is taken out when it is over.
     */
    public function testASoakHoldsNoHands(): void
    {
        $part = PiecePart::of(
            'handles',
            'Handles',
            Surface::free(0.1),
            1,
            Substrate::of(SubstrateKind::Solid, 'lime', Grain::Close, Colour::of('#e5d3b3')),
        );
        $other = PiecePart::of('case', 'Case', Surface::free(1.0), 1, $part->substrate);
        $now = (new \DateTimeImmutable('2026-11-30 08:00', new \DateTimeZone(self::ZONE)))->getTimestamp();
        $soak = Step::of(
            'soak',
            'Soak',
            Given::techniques()->named('stripped'),
            Intent::of(Purpose::Functional),
            ['handles'],
            Given::paint(),
            1,
            StepDetail::of(dwell: 2880, handsOn: 15),
            WaitRule::of(WaitUntil::Nothing),
            '',
        );
        $plan = $this->plan(
            [new PieceToDo(
                'p',
                Recipe::of('Case', Piece::of('Case', 1, [$part, $other]), [$soak, $this->step('paint', 'brushed', 1, null, ['case'])]),
                DayCurve::steady(Climate::reference()),
                $now,
            )],
            array_fill(1, 5, [[480, 1020]]),
            $now,
            100,
        );
        $of = array_map(static fn (DayWork $w): string => $w->step.' '.substr($w->stretches[0]->start, 5, 11), $plan->works);
        self::assertSame(['soak 11-30T08:00', 'paint 11-30T08:10', 'soak 12-02T08:10'], $of);
        self::assertLessThan(60, $plan->handsOn);
    }

    /** In a place of 1 to 12 °C nothing that needs 8 °C is laid while it is colder, and each coat comes once the one before has dried. */
    public function testInAColdPlaceItIsLaidWhileItIsWarmEnough(): void
    {
        $part = PiecePart::of(
            'case',
            'Case',
            Surface::free(1.0),
            1,
            Substrate::of(SubstrateKind::Solid, 'lime', Grain::Close, Colour::of('#e5d3b3')),
        );
        $now = (new \DateTimeImmutable('2026-11-30 08:00', new \DateTimeZone(self::ZONE)))->getTimestamp();
        $shed = DayCurve::between(1.0, 12.0, 45.0);
        $plan = $this->plan(
            [new PieceToDo('p', Recipe::of('Case', Piece::of('Case', 1, [$part]), [
                $this->step('sand', 'sanded', 1, null),
                $this->step('paint', 'brushed', 3, null),
            ]), $shed, $now)],
            array_fill(1, 5, [[480, 1020]]),
            $now,
            100,
        );
        self::assertNull($plan->pieces[0]->stuck);
        self::assertCount(4, $plan->works);
        foreach ($plan->works as $work) {
            foreach ('paint' === $work->step ? $work->stretches : [] as $stretch) {
                foreach ([$stretch->start, $stretch->end] as $at) {
                    self::assertGreaterThanOrEqual(8.0, $shed->hours[(int) substr($at, 11, 2)]->temperature, $at);
                }
            }
        }
        self::assertSame('08:00', substr($plan->works[0]->stretches[0]->start, 11, 5), 'sanding needs no warmth');
        $frost = $this->plan(
            [new PieceToDo('p', Recipe::of('Case', Piece::of('Case', 1, [$part]), [
                $this->step('paint', 'brushed', 1, null),
            ]), DayCurve::between(-4.0, 3.0, 45.0), $now)],
            array_fill(1, 5, [[480, 1020]]),
            $now,
            100,
        );
        self::assertSame([], $frost->works);
        self::assertStringContainsString('below the 8 °C minimum', (string) $frost->pieces[0]->stuck);
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
