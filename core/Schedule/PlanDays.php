<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

use Inlaid\Core\Context\Context;
use Inlaid\Core\Context\PotAtHand;
use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Planning\Interval;
use Inlaid\Core\Planning\PlacedWork;
use Inlaid\Core\Planning\PlanWorks;
use Inlaid\Core\Planning\Work;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Planning\WorkKey;
use Inlaid\Core\Planning\WorkPlan;
use Inlaid\Core\Practice\Practices;
use Inlaid\Core\Work\StepCalculation;
use Inlaid\Core\Work\WorkOutSteps;

/**
 * Plans all pieces on the bench over the working days, from now on.
 */
final readonly class PlanDays
{
    /** A gap shorter than this is no gap, minutes. */
    private const WORTH_TELLING = 15;
    /** Nobody plans the begin of a piece further ahead. */
    private const MOST_DAYS = 400;
    /** A pot that keeps longer is not told of, seconds. */
    private const SOON = 7 * 86_400;

    public function __construct(
        private Practices $practices,
        private WorkOutSteps $steps = new WorkOutSteps(),
        private WorksOfPiece $works = new WorksOfPiece(),
        private PlanScenarios $scenarios = new PlanScenarios(),
        private PlanWorks $plan = new PlanWorks(),
    ) {
    }

    /**
     * @param list<PieceToDo>         $pieces
     * @param \Closure(): bool        $isOver whether the time to search is up
     * @param (\Closure(): bool)|null $isLate whether any answer is overdue; null for never
     */
    public function plan(array $pieces, Context $context, \Closure $isOver, ?\Closure $isLate = null): DaysPreview
    {
        $isLate ??= static fn (): bool => false;
        $calculated = array_map(fn (PieceToDo $p): CalculatedPiece => $this->calculated($p, $context), $pieces);
        $calendars = array_map(static fn (WorkingTime $t): Calendar => new Calendar($t, $context->now), $context->hands());
        $planned = $this->scenarios->plan(pieces: $calculated, calendars: $calendars, context: $context, isOver: $isOver, isLate: $isLate);
        $expected = $planned->expected;
        $iso = $context->working->iso(...);
        $byStep = $late = $beginBy = [];
        foreach ($calculated as $piece) {
            $id = $piece->piece->id;
            $byStep[$id] = $piece->byStep();
            $late[$id] = null === $piece->piece->due || null === $planned->ready($id)
                ? 0
                : max(0, (int) ceil(($planned->ready($id) - $piece->piece->due) / 60));
            $beginBy[$id] = isset($planned->stuck[$id]) || $isLate() ? null : $this->beginBy($piece, $calendars, $context);
        }
        $told = static fn (?int $instant): ?string => null === $instant ? null : $iso($instant);

        $works = array_map(
            fn (PlacedWork $p): DayWork => $this->describe(placed: $p, works: $byStep[$p->work->job], plan: $expected, iso: $iso),
            $expected->placed ?? [],
        );

        return new DaysPreview(
            now: $iso($context->now),
            works: $works,
            pieces: array_map(static fn (PieceToDo $p): DayPiece => new DayPiece(
                id: $p->id,
                title: $p->recipe->title,
                ready: $told($planned->ready($p->id)),
                soonest: $told($planned->soonest($p->id)),
                latest: $told($planned->latest($p->id)),
                due: $told($p->due),
                late: $late[$p->id],
                beginBy: $told($beginBy[$p->id]),
                stuck: $planned->stuck[$p->id] ?? null,
            ), $pieces),
            gaps: $this->gaps($expected, $context),
            expires: $this->expires($context),
            end: null === $expected || [] !== $planned->stuck ? null : $iso($expected->end),
            bound: null === $expected || [] !== $planned->stuck ? null : $iso($expected->bound),
            complete: true === ($expected->complete ?? true),
            handsOn: $planned->handsOn(),
            besides: array_sum(array_column($works, 'besides')),
        );
    }

    /**
     * All there is to do on a piece, done or not.
     *
     * @return list<Work>
     */
    public function acts(PieceToDo $piece, Context $context): array
    {
        return $this->works->works($this->calculated($piece->fromTheBeginning(), $context), new Calendar($context->working, $context->now));
    }

    /** Its steps in the air of its place at noon. */
    private function calculated(PieceToDo $piece, Context $context): CalculatedPiece
    {
        $steps = $this->steps->workOut($piece->recipe, $piece->air->noon(), $context->habits($this->practices, $piece->recipe));

        return CalculatedPiece::of($piece, $steps, $context->working->zone);
    }

    /**
     * @param array<string, StepCalculation> $works by step
     * @param \Closure(int): string          $iso
     */
    private function describe(PlacedWork $placed, array $works, ?WorkPlan $plan, \Closure $iso): DayWork
    {
        $key = WorkKey::of($placed->work);
        $work = $works[$key->step];

        return new DayWork(
            piece: $placed->work->job,
            step: $key->step,
            coat: $key->coat,
            lay: $key->lay,
            number: $work->counted,
            name: $work->step->name(),
            coats: $work->rounds(),
            hands: $placed->hands,
            stretches: array_map(static fn (Interval $i): TimeSlot => new TimeSlot($iso($i->start), $iso($i->end)), $placed->stretches),
            setUp: $placed->setUp,
            besides: 1 === $key->lay ? (int) round($work->hands->setUp + $work->hands->handling) : 0,
            pot: null === $work->mix ? null : $work->mix->name,
            potKeeps: !$placed->mixed || null === $placed->work->pot?->life ? null : $iso($placed->start() + 60 * $placed->work->pot->life),
            half: $placed->work->half,
            pours: null !== $placed->work->pot,
            slakes: $placed->slakes(),
            over: $iso($placed->over),
            tooLong: null === $plan ? 0 : $plan->tooLong[$placed->work->id] ?? 0,
        );
    }

    /**
     * The last day on which a piece can be begun, found by halves: who begins later is not ready sooner.
     *
     * @param non-empty-list<Calendar> $calendars
     */
    private function beginBy(CalculatedPiece $piece, array $calendars, Context $context): ?int
    {
        $due = $piece->piece->due;
        if (null === $due) {
            return null;
        }
        $days = [max($context->now, $piece->piece->notBefore)];
        while (\count($days) < self::MOST_DAYS && ($next = $context->working->nextMidnight($days[\count($days) - 1])) < $due) {
            $days[] = $next;
        }
        $begun = null;
        for ([$low, $high] = [0, \count($days) - 1]; $low <= $high;) {
            $middle = intdiv($low + $high, 2);
            $own = $this->works->works($piece->notBefore($days[$middle]), $calendars[0]);
            $plan = [] === $own
                ? null
                : $this->plan->plan(works: $own, hands: $calendars, from: $context->now, due: [], isOver: static fn (): bool => true);
            if (null === $plan || ($plan->ready[$piece->piece->id] ?? \PHP_INT_MAX) > $due) {
                $high = $middle - 1;
            } else {
                $begun = min(\PHP_INT_MAX, ...array_map(static fn (PlacedWork $p): int => $p->stretches[0]->start, $plan->placed));
                $low = $middle + 1;
            }
        }

        return $begun;
    }

    /**
     * @return list<PotExpires>
     */
    private function expires(Context $context): array
    {
        $soon = array_values(array_filter(
            $context->pots,
            static fn (PotAtHand $p): bool => null !== $p->goodUntil && $p->goodUntil < $context->now + self::SOON,
        ));
        usort($soon, static fn (PotAtHand $a, PotAtHand $b): int => [$a->goodUntil, $a->id] <=> [$b->goodUntil, $b->id]);

        return array_map(
            static fn (PotAtHand $p): PotExpires => new PotExpires(
                id: $p->id,
                name: $p->name,
                until: $context->working->iso((int) $p->goodUntil),
                isOver: $p->goodUntil <= $context->now,
            ),
            $soon,
        );
    }

    /**
     * Working time of the painter in which nothing is to be done, up to the last work.
     *
     * @return list<TimeSlot>
     */
    private function gaps(?WorkPlan $plan, Context $context): array
    {
        $busy = [];
        foreach ($plan->placed ?? [] as $placed) {
            foreach (0 === $placed->hands && $placed->work->minutes > 0 ? $placed->stretches : [] as $stretch) {
                $busy[] = [$stretch->start, $stretch->end];
            }
        }
        if ([] === $busy) {
            return [];
        }
        sort($busy);
        $until = $busy[\count($busy) - 1][1];
        $gaps = [];
        $next = 0;
        foreach ($context->working->from($context->now) as $interval) {
            if ($interval->start >= $until) {
                break;
            }
            $from = $interval->start;
            // One pair of hands does one thing at a time: what is over before this stretch is never looked at again.
            while ($next < \count($busy) && $busy[$next][1] <= $from) {
                ++$next;
            }
            for ($i = $next; $i < \count($busy) && $busy[$i][0] < $interval->end; ++$i) {
                $gaps[] = [$from, $busy[$i][0]];
                $from = max($from, $busy[$i][1]);
            }
            $gaps[] = [$from, min($interval->end, $until)];
        }

        return array_values(array_map(
            static fn (array $g): TimeSlot => new TimeSlot($context->working->iso($g[0]), $context->working->iso($g[1])),
            array_filter($gaps, static fn (array $g): bool => $g[1] - $g[0] >= 60 * self::WORTH_TELLING),
        ));
    }
}
