<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * Plans several pieces over working days: the least late, then the earliest ready.
 *
 * Orders of work are laid by `PartialSchedule` and searched depth-first, earliest beginning first, after what simple rules and an order of
 * pieces that is bettered by exchanging two of them have found. An order is left as soon as no end of it can be better than the best so far
 * (`BoundWorks`). Where the search came to its end no order is better; where the
 * time was up before, the best so far is the answer, with its bound. Nothing is tried by chance.
 */
final class PlanWorks
{
    /** @var array<string, Work> */
    private array $works;
    /** @var array<string, list<string>> the works that come after each */
    private array $after;
    private BoundWorks $bound;
    private ?WorkPlan $best;
    private int $root;
    private bool $over;
    private bool $helped = false;
    /** Could something else have come next, anywhere in what was laid by rule? */
    private bool $hasChoice = false;
    /** @var \Closure(): bool */
    private \Closure $isLate;

    /**
     * @param list<Work>               $works  each after those it links to
     * @param non-empty-list<Calendar> $hands  the painter's first
     * @param array<string, int>       $due    the instant at which a piece must be ready, by job
     * @param \Closure(): bool         $isOver whether the time to search is up
     * @param (\Closure(): bool)|null  $isLate whether any answer is overdue: then works come in the order in which they are given; null for
     *                                         never
     */
    public function plan(
        array $works,
        array $hands,
        int $from,
        array $due,
        \Closure $isOver,
        ?PlaceCapacity $rooms = null,
        ?\Closure $isLate = null,
    ): ?WorkPlan {
        $this->isLate = $isLate ?? static fn (): bool => false;
        $this->works = array_column(array_map(static fn (Work $w): array => [$w->id, $w], $works), 1, 0);
        $this->after = array_fill_keys(array_keys($this->works), []);
        foreach ($works as $work) {
            foreach ($work->links as $link) {
                $this->after[$link->after][] = $work->id;
            }
        }
        $this->bound = new BoundWorks(
            works: $this->works,
            after: $this->after,
            hands: $hands,
            from: $from,
            due: $due,
            isCrowded: $rooms?->areLimited() ?? false,
        );
        $begin = new PartialSchedule($hands, $from, ($rooms ?? PlaceCapacity::none())->for($works));
        [$this->best, $this->over, $this->hasChoice] = [null, false, false];
        $this->root = $this->bound->of($begin)[1];
        $jobs = array_values(array_unique(array_map(static fn (Work $w): string => $w->job, $works)));
        $this->better(begin: $begin, jobs: $jobs, due: $due, isOver: $isOver);
        if (!$this->isBest($begin)) {
            $this->search($begin, $due, $isOver);
        }
        if (null === $this->best) {
            $this->over = true;
            $this->asGiven($begin, $due);
        }
        if (null === $this->best) {
            return null;
        }

        return new WorkPlan(
            placed: $this->best->placed,
            ready: $this->best->ready,
            late: $this->best->late,
            tooLong: $this->best->tooLong,
            bound: $this->over ? min($this->root, $this->best->end) : $this->best->end,
            complete: !$this->over,
        );
    }

    /**
     * By rules, then by an order of pieces in which two are exchanged as long as that helps.
     *
     * @param list<string>       $jobs
     * @param array<string, int> $due
     * @param \Closure(): bool   $isOver
     */
    private function better(PartialSchedule $begin, array $jobs, array $due, \Closure $isOver): void
    {
        $this->take($this->byRule($begin, fn (PlacedWork $p): array => [$p->start(), -$this->bound->tail($p->work->id)]), $due);
        if (null !== $this->best && ($isOver() || 1 === \count($jobs))) {
            return; // of one piece the search alone soon finds the best
        }
        $this->take($this->byRule($begin, fn (PlacedWork $p): array => [$p->end(), -$this->bound->tail($p->work->id)]), $due);
        $this->take($this->byRule($begin, fn (PlacedWork $p): array => [-$this->bound->tail($p->work->id), $p->start()]), $due);
        if (1 === \count($jobs)) {
            return; // there was no room for the first
        }
        usort($jobs, static fn (string $a, string $b): int => ($due[$a] ?? \PHP_INT_MAX) <=> ($due[$b] ?? \PHP_INT_MAX));
        $best = $this->byJobs($begin, $jobs, $due);
        foreach ($this->exchanges(\count($jobs)) as [$i, $j]) {
            if ($isOver()) {
                return;
            }
            $tried = array_map(static fn (int $k): string => match ($k) {
                $i => $jobs[$j], $j => $jobs[$i], default => $jobs[$k],
            }, array_keys($jobs));
            $plan = $this->byJobs($begin, $tried, $due);
            if (null !== $plan && (null === $best || $plan->isBetterThan($best))) {
                [$best, $jobs] = [$plan, $tried];
                $this->helped = true;
            }
        }
    }

    /** Is there no other order, or none that is better? Pieces may still be ready sooner each by itself. */
    private function isBest(PartialSchedule $begin): bool
    {
        return null !== $this->best && (!$this->hasChoice || !$this->mayBeBetter($begin));
    }

    /**
     * Pairs to be exchanged, over and over as long as one of a round has helped.
     *
     * @return \Generator<int, array{int, int}>
     */
    private function exchanges(int $count): \Generator
    {
        do {
            $this->helped = false;
            for ($i = 0; $i < $count - 1; ++$i) {
                for ($j = $i + 1; $j < $count; ++$j) {
                    yield [$i, $j];
                }
            }
        } while ($this->hasHelped());
    }

    private function hasHelped(): bool
    {
        return $this->helped;
    }

    /**
     * Whatever can begin first; of what can begin in the same stretch of work, the piece that comes first in the order.
     *
     * @param list<string>       $jobs
     * @param array<string, int> $due
     */
    private function byJobs(PartialSchedule $begin, array $jobs, array $due): ?WorkPlan
    {
        $rank = array_flip($jobs);

        return $this->take(
            $this->byRule($begin, static fn (PlacedWork $p): array => [intdiv($p->start(), 1800), $rank[$p->work->job], $p->start()]),
            $due,
        );
    }

    /**
     * @param \Closure(PlacedWork): list<int|float> $key the least comes next
     */
    private function byRule(PartialSchedule $laying, \Closure $key): ?PartialSchedule
    {
        $laying = clone $laying;
        $waiting = array_map(static fn (Work $w): int => \count($w->links), $this->works); // links that are not laid yet
        $open = array_filter($waiting, static fn (int $links): bool => 0 === $links);
        while ([] !== $open) {
            if (($this->isLate)()) {
                return null;
            }
            $next = null;
            $this->hasChoice = $this->hasChoice || \count($open) > 1;
            foreach (array_intersect_key($this->works, $open) as $work) {
                $placed = $laying->place($work);
                if (null !== $placed) {
                    $at = $key($placed);
                    $next = null === $next || $at < $next[0] ? [$at, $work] : $next;
                }
            }
            if (null === $next) {
                return null;
            }
            $laying = $laying->add($next[1]);
            if (null === $laying) {
                return null;
            }
            unset($open[$next[1]->id]);
            foreach ($this->after[$next[1]->id] as $id) {
                if (0 === --$waiting[$id]) {
                    $open[$id] = 0;
                }
            }
        }

        return $laying;
    }

    /**
     * One after the other as they are given, each after those it links to. A job that does not fit into the years that are planned comes
     * after all others, as far as it fits.
     *
     * @param array<string, int> $due
     */
    private function asGiven(PartialSchedule $begin, array $due): void
    {
        $beyond = [];
        while (null === ($laying = $this->without(clone $begin, $beyond))) {
        }
        $left = array_filter($this->works, static fn (Work $w): bool => isset($beyond[$w->job]));
        foreach ($left as $work) {
            $next = $beyond[$work->job] ? $laying->with($work) : $laying;
            $beyond[$work->job] = $beyond[$work->job] && null !== $next;
            $laying = $next ?? $laying;
        }
        $this->take($laying, $due, array_keys($beyond));
    }

    /**
     * All works but those of some jobs, as they are given; null where one does not fit, and its job is then among those.
     *
     * @param array<string, bool> $beyond by job
     */
    private function without(PartialSchedule $laying, array &$beyond): ?PartialSchedule
    {
        foreach ($this->works as $work) {
            $laying = isset($beyond[$work->job]) ? $laying : $laying->add($work);
            if (null === $laying) {
                $beyond[$work->job] = true;

                return null;
            }
        }

        return $laying;
    }

    /**
     * @param array<string, int> $due
     * @param \Closure(): bool   $isOver
     */
    private function search(PartialSchedule $laying, array $due, \Closure $isOver): void
    {
        if (\count($laying->placed()) === \count($this->works)) {
            $this->take($laying, $due);

            return;
        }
        $open = $this->open($laying);
        usort(
            $open,
            fn (PlacedWork $a, PlacedWork $b): int => [
                $a->start(),
                -$this->bound->tail($a->work->id),
                $a->work->id,
            ] <=> [$b->start(), -$this->bound->tail($b->work->id), $b->work->id],
        );
        $worth = $this->worthTrying($open, $laying);
        foreach ($worth as $placed) {
            if ($this->over = $this->over || $isOver()) {
                return;
            }
            $next = $laying->with($placed->work);
            if (null !== $next && (1 === \count($worth) || $this->mayBeBetter($next))) { // with no other way there is nothing to bound
                $this->search($next, $due, $isOver);
            }
        }
    }

    private function mayBeBetter(PartialSchedule $laying): bool
    {
        if (null === $this->best) {
            return true;
        }
        [$late, $end] = $this->bound->of($laying);
        $cost = $this->best->cost();

        return [array_sum($laying->tooLong()), $late, $end] < \array_slice($cost, 0, 3);
    }

    /**
     * What can come next.
     *
     * @return list<PlacedWork> where each would lie
     */
    private function open(PartialSchedule $laying): array
    {
        $placed = $laying->placed();
        $open = [];
        foreach ($this->works as $id => $work) {
            if (isset($placed[$id])) {
                continue;
            }
            foreach ($work->links as $link) {
                if (!isset($placed[$link->after])) {
                    continue 2;
                }
            }
            $there = $laying->place($work);
            if (null !== $there) {
                $open[] = $there;
            }
        }

        return $open;
    }

    /**
     * Of pieces that are alike and not begun, one is enough to try. What begins only when another could be done already is not next: that
     * other fits before it and delays nothing (unless it is better put off, or pots are changed).
     *
     * @param list<PlacedWork> $open
     *
     * @return list<PlacedWork>
     */
    private function worthTrying(array $open, PartialSchedule $laying): array
    {
        $begun = array_flip(array_map(static fn (PlacedWork $p): string => $p->work->job, $laying->placed()));
        $soonest = \PHP_INT_MAX;
        foreach ($open as $placed) {
            $soonest = $this->bound->soonerIsNoWorse() ? min($soonest, $placed->end()) : $soonest;
        }
        $seen = $worth = [];
        foreach ($open as $placed) {
            $job = $placed->work->job;
            $like = $this->bound->like($job);
            if (
                $placed->start() >= $soonest
                && $placed->end() > $soonest
                || (!isset($begun[$job]) && isset($seen[$like]) && $seen[$like] !== $job)
            ) {
                continue;
            }
            if (!isset($begun[$job])) {
                $seen[$like] ??= $job;
            }
            $worth[] = $placed;
        }

        return $worth;
    }

    /**
     * @param array<string, int> $due
     * @param list<string>       $beyond jobs that are not laid to their end
     */
    private function take(?PartialSchedule $laying, array $due, array $beyond = []): ?WorkPlan
    {
        if (null === $laying) {
            return null;
        }
        $ready = [];
        $placed = $laying->placed();
        foreach ($placed as $p) {
            $ready[$p->work->job] = max($ready[$p->work->job] ?? 0, $p->over);
        }
        $ready = array_diff_key($ready, array_flip($beyond));
        $late = 0;
        foreach ($due as $job => $by) {
            $late = max($late, (int) ceil((($ready[$job] ?? 0) - $by) / 60));
        }
        uasort($placed, static fn (PlacedWork $a, PlacedWork $b): int => $a->start() <=> $b->start());
        $plan = new WorkPlan(
            placed: array_values($placed),
            ready: $ready,
            late: $late,
            tooLong: $laying->tooLong(),
            bound: 0,
            complete: false,
        );
        if (null === $this->best || $plan->isBetterThan($this->best)) {
            $this->best = $plan;
        }

        return $plan;
    }
}
