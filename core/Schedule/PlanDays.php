<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

use Inlaid\Core\Context\Context;
use Inlaid\Core\Context\PotAtHand;
use Inlaid\Core\Drying\Place;
use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Planning\Interval;
use Inlaid\Core\Planning\PlaceCapacity;
use Inlaid\Core\Planning\PlacedWork;
use Inlaid\Core\Planning\PlanWorks;
use Inlaid\Core\Planning\Work;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Planning\WorkKey;
use Inlaid\Core\Planning\WorkPlan;
use Inlaid\Core\Practice\Practices;
use Inlaid\Core\Recipe\Scenario;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Work\StepCalculation;
use Inlaid\Core\Work\WorkOutSteps;

/**
 * Plans all pieces on the bench over the working days, from now on.
 *
 * With the rounds that are expected; by the same means once more with the fewest and with the most, where it is open how often something is done and there is still time.
 */
final readonly class PlanDays
{
    /** So many orders of n works are looked at: 1,000,000 ÷ n², for each takes about n² as long. The same bench gives the same plan. */
    private const LOOKS = 1_000_000;
    /** A gap shorter than this is no gap, minutes. */
    private const WORTH_TELLING = 15;
    /** Nobody plans the begin of a piece further ahead. */
    private const MOST_DAYS = 400;
    /** A pot that keeps longer is not told of, seconds. */
    private const SOON = 7 * 86_400;

    public function __construct(private Practices $schools, private WorkOutSteps $steps = new WorkOutSteps(), private WorksOfPiece $works = new WorksOfPiece(), private PlanWorks $plan = new PlanWorks())
    {
    }

    /**
     * @param list<PieceToDo>             $pieces
     * @param non-empty-list<WorkingTime> $hands  the painter's hours first, then a helper's
     * @param \Closure(): bool            $isOver whether the time to search is up
     * @param (\Closure(): bool)|null     $isLate whether any answer is overdue; null for never
     */
    public function plan(array $pieces, Context $context, array $hands, \Closure $isOver, ?\Closure $isLate = null): DaysPreview
    {
        $isLate ??= static fn (): bool => false;
        $works = [];
        foreach ($pieces as $piece) {
            $works[$piece->id] = $this->stepsOf($piece, $context);
        }
        $calendars = array_map(static fn (WorkingTime $t): Calendar => new Calendar($t, $context->now), $hands);
        [$expected, $made, $stuck] = $this->course($pieces, $works, $calendars, $context, Scenario::Expected, $isOver, $isLate);
        $open = [] !== array_filter(array_merge([], ...array_values($works)), static fn (StepCalculation $w): bool => $w->isOpen());
        $otherwise = fn (Scenario $course): ?WorkPlan => match (true) {
            !$open => $expected,
            $isLate() => null,
            default => $this->course($pieces, $works, $calendars, $context, $course, static fn (): bool => true, $isLate)[0],
        };
        [$least, $most] = [$otherwise(Scenario::Least), $otherwise(Scenario::Most)];
        $iso = $context->working->iso(...);
        $byStep = array_map(static fn (array $own): array => array_column(array_map(static fn (StepCalculation $w): array => [$w->step->id, $w], $own), 1, 0), $works);

        $beginBy = [];
        foreach ($pieces as $piece) {
            $beginBy[$piece->id] = isset($stuck[$piece->id]) || $isLate() ? null : $this->beginBy($piece, $works[$piece->id], $calendars, $context);
        }

        return new DaysPreview(
            $iso($context->now),
            array_map(fn (PlacedWork $p): DayWork => $this->describe($p, $byStep[$p->work->job], $expected, $iso), $expected->placed ?? []),
            array_map(static fn (PieceToDo $p): DayPiece => new DayPiece(
                $p->id,
                $p->recipe->title,
                isset($expected->ready[$p->id]) ? $iso($expected->ready[$p->id]) : null,
                // Laid in a hurry, fewer rounds can end later than more did: what goes with more goes with fewer.
                isset($least->ready[$p->id]) ? $iso(min($least->ready[$p->id], $expected->ready[$p->id] ?? \PHP_INT_MAX)) : null,
                isset($most->ready[$p->id]) ? $iso(max($most->ready[$p->id], $expected->ready[$p->id] ?? 0)) : null,
                null === $p->due ? null : $iso($p->due),
                null === $p->due || !isset($expected->ready[$p->id]) ? 0 : max(0, (int) ceil(($expected->ready[$p->id] - $p->due) / 60)),
                isset($beginBy[$p->id]) ? $iso($beginBy[$p->id]) : null,
                $stuck[$p->id] ?? null,
            ), $pieces),
            $this->gaps($expected, $hands[0], $context),
            $this->expires($context),
            null === $expected || [] === $expected->placed ? null : $iso($expected->end),
            null === $expected || [] === $expected->placed ? null : $iso($expected->bound),
            true === ($expected->complete ?? true),
            array_sum(array_map(static fn (Work $w): int => $w->minutes, $made)),
        );
    }

    /**
     * All there is to do on a piece, done or not.
     *
     * @return list<Work>
     */
    public function acts(PieceToDo $piece, Context $context): array
    {
        return $this->works->works(new PieceToDo($piece->id, $piece->recipe, $piece->air, 0, null, [], $piece->paces), $this->stepsOf($piece, $context), $context->working->zone, new Calendar($context->working, $context->now));
    }

    /**
     * @return list<StepCalculation> in the air of its place at noon
     */
    private function stepsOf(PieceToDo $piece, Context $context): array
    {
        return $this->steps->workOut($piece->recipe, $piece->air->noon(), $context->habits($this->schools, $piece->recipe));
    }

    /**
     * @param list<PieceToDo>                      $pieces
     * @param array<string, list<StepCalculation>> $works
     * @param non-empty-list<Calendar>             $calendars
     * @param \Closure(): bool                     $isOver
     * @param \Closure(): bool                     $isLate
     *
     * @return array{WorkPlan|null, list<Work>, array<string, string>} and why a piece is not planned to its end, by its id
     */
    private function course(array $pieces, array $works, array $calendars, Context $context, Scenario $course, \Closure $isOver, \Closure $isLate): array
    {
        $made = $due = $stuck = [];
        foreach ($pieces as $piece) {
            $own = $this->works->works($piece, $works[$piece->id], $context->working->zone, $calendars[0], $course);
            $dries = array_filter($works[$piece->id], static fn (StepCalculation $w): bool => null !== $w->drying?->noPromise);
            if ([] !== $dries && !$this->works->allDry($piece, $works[$piece->id])) {
                $first = array_values($dries)[0];
                $stuck[$piece->id] = \sprintf('Step %d: %s', $first->number, $first->drying->noPromise ?? '');
                continue;
            }
            array_push($made, ...$own);
            null === $piece->due || [] === $own || $due[$piece->id] = $piece->due;
        }

        $looks = intdiv(self::LOOKS, max(1, \count($made) ** 2));
        $enough = static function () use (&$looks, $isOver): bool {
            return --$looks < 0 || $isOver();
        };

        return [[] === $made ? null : $this->plan->plan($made, $calendars, $context->now, $due, $enough, $this->rooms($pieces, $works, $context), $isLate), $made, $stuck];
    }

    /**
     * @param array<string, StepCalculation> $works by step
     * @param \Closure(int): string          $iso
     */
    private function describe(PlacedWork $placed, array $works, ?WorkPlan $plan, \Closure $iso): DayWork
    {
        $key = WorkKey::of($placed->work);
        $work = $works[$key->step];
        $life = $placed->setUp > 0 ? $work->drying?->potLife?->planned : null;

        return new DayWork(
            $placed->work->job,
            $key->step,
            $key->coat,
            $key->lay,
            $work->number,
            $work->step->name(),
            $work->rounds(),
            $placed->hands,
            array_map(static fn (Interval $i): TimeSlot => new TimeSlot($iso($i->start), $iso($i->end)), $placed->stretches),
            $placed->setUp,
            null === $work->mix ? null : $work->mix->name,
            null === $life ? null : $iso($placed->stretches[0]->start + 60 * $life),
            $iso($placed->over),
            null === $plan ? 0 : $plan->tooLong[$placed->work->id] ?? 0,
        );
    }

    /**
     * @param list<PieceToDo>                      $pieces
     * @param array<string, list<StepCalculation>> $works
     */
    private function rooms(array $pieces, array $works, Context $context): PlaceCapacity
    {
        $standing = [];
        foreach ($pieces as $piece) {
            $begun = array_map(static fn (string $key): string => WorkKey::read($key)->step, array_keys($piece->done));
            $laid = array_filter($works[$piece->id], static fn (StepCalculation $w): bool => Effect::Adds === $w->step->technique->figures()->act && \in_array($w->step->id, $begun, true));
            if (null !== $piece->place && [] !== $laid) {
                $standing[$piece->id] = $piece->place;
            }
        }

        return PlaceCapacity::of(array_filter(array_map(static fn (Place $p): ?int => $p->holds, $context->places), static fn (?int $most): bool => null !== $most), $standing);
    }

    /**
     * The last day on which a piece can be begun, found by halves: who begins later is not ready sooner.
     *
     * @param list<StepCalculation>    $works
     * @param non-empty-list<Calendar> $calendars
     */
    private function beginBy(PieceToDo $piece, array $works, array $calendars, Context $context): ?int
    {
        if (null === $piece->due) {
            return null;
        }
        $days = [max($context->now, $piece->notBefore)];
        while (\count($days) < self::MOST_DAYS && ($next = $context->working->nextMidnight($days[\count($days) - 1])) < $piece->due) {
            $days[] = $next;
        }
        $begun = null;
        for ([$low, $high] = [0, \count($days) - 1]; $low <= $high;) {
            $middle = intdiv($low + $high, 2);
            $later = new PieceToDo($piece->id, $piece->recipe, $piece->air, $days[$middle], $piece->due, $piece->done, $piece->paces, $piece->place);
            $own = $this->works->works($later, $works, $context->working->zone, $calendars[0]);
            $plan = [] === $own ? null : $this->plan->plan($own, $calendars, $context->now, [], static fn (): bool => true);
            if (null === $plan || ($plan->ready[$piece->id] ?? \PHP_INT_MAX) > $piece->due) {
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
        $soon = array_values(array_filter($context->pots, static fn (PotAtHand $p): bool => null !== $p->goodUntil && $p->goodUntil < $context->now + self::SOON));
        usort($soon, static fn (PotAtHand $a, PotAtHand $b): int => [$a->goodUntil, $a->id] <=> [$b->goodUntil, $b->id]);

        return array_map(static fn (PotAtHand $p): PotExpires => new PotExpires($p->id, $p->name, $context->working->iso((int) $p->goodUntil), $p->goodUntil <= $context->now), $soon);
    }

    /**
     * Working time of the painter in which nothing is to be done, up to the last work.
     *
     * @return list<TimeSlot>
     */
    private function gaps(?WorkPlan $plan, WorkingTime $time, Context $context): array
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
        foreach ($time->from($context->now) as $interval) {
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
