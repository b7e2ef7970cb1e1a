<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * Bounds from below how late, and when, works that are partly laid can all be ready.
 *
 * Three of them, the largest counts: every piece by itself, each of its works as early as the calendar allows; all that is left packed into
 * the working hours, and the shortest wait after it; and one pair of hands that may interrupt its work at any time and always does what has
 * the longest to wait after it (J. R. Jackson).
 */
final class BoundWorks
{
    /** @var array<string, int> seconds that must pass after the end of a work */
    private array $tails = [];
    /** @var array<string, int> minutes of a work, with those to begin with its pot where no other is done with it */
    private array $minutes = [];
    /** @var array<string, string> what a piece is like, by job */
    private array $like = [];
    private readonly bool $soon;

    /**
     * @param array<string, Work>         $works     each after those it links to
     * @param array<string, list<string>> $after
     * @param non-empty-list<Calendar>    $hands
     * @param array<string, int>          $due
     * @param bool                        $isCrowded whether places hold only so many pieces
     */
    public function __construct(
        private readonly array $works,
        private readonly array $after,
        private readonly array $hands,
        private readonly int $from,
        private readonly array $due,
        bool $isCrowded,
    ) {
        $pots = array_count_values(array_filter(
            array_map(static fn (Work $w): ?string => $w->pot?->id, $works),
            static fn (?string $pot): bool => null !== $pot,
        ));
        foreach ($works as $id => $work) {
            $this->minutes[$id] = $work->minutes
                + (0 === $work->pot?->slake && 1 === $pots[$work->pot->id] ? $work->pot->setUp : 0); // what slakes is mixed in a wait
        }
        foreach (array_reverse($works) as $id => $work) {
            $tail = 60 * $work->last->least();
            foreach ($after[$id] as $next) {
                foreach ($works[$next]->links as $link) {
                    $tail = $link->after === $id
                        ? max($tail, 60 * ($link->wait->least() + $this->minutes[$next]) + $this->tails[$next])
                        : $tail;
                }
            }
            $this->tails[$id] = $tail;
        }
        $this->soon = !$isCrowded
            && [] === array_filter(
                $works,
                static fn (Work $w): bool => null !== $w->pot
                    || null !== $w->hours
                    || [] !== array_filter($w->links, static fn (Precedence $l): bool => null !== $l->most),
            );
        $jobs = [];
        foreach ($works as $work) {
            $jobs[$work->job][] = $work;
        }
        $this->like = array_map(static fn (): string => '', $jobs);
        foreach (1 === \count($jobs) ? [] : $jobs as $job => $own) {
            $place = array_flip(array_map(static fn (Work $w): string => $w->id, $own));
            $this->like[$job] = serialize([
                $due[$job] ?? null,
                array_map(
                    static fn (Work $w): array => [
                        $w->minutes,
                        array_map(static fn (Precedence $l): array => [$place[$l->after] ?? $l->after, $l->wait, $l->most], $w->links),
                        $w->last,
                        $w->pot,
                        $w->notBefore,
                        $w->alone,
                        $w->room,
                        $w->hours,
                    ],
                    $own,
                ),
            ]);
        }
    }

    /** Seconds that must pass after the end of a work until its piece is ready. */
    public function tail(string $id): int
    {
        return $this->tails[$id];
    }

    /** The same for pieces that are alike. */
    public function like(string $job): string
    {
        return $this->like[$job];
    }

    /**
     * Is nothing lost when what can be done is done? Not where pots are changed, places are full, or something must not wait too long: then
     * it may have to be put off.
     */
    public function soonerIsNoWorse(): bool
    {
        return $this->soon;
    }

    /**
     * @return array{int, int} minutes by which the latest misses its day, and the instant at which all are ready, at least
     */
    public function of(PartialSchedule $laying): array
    {
        $placed = $laying->placed();
        $ends = array_map(static fn (PlacedWork $p): int => $p->end(), $placed);
        $end = 0;
        $late = 0;
        $left = $heads = [];
        $free = $this->from;
        foreach ($placed as $p) {
            $end = max($end, $p->over);
            $free = max($free, $p->end());
        }
        foreach ($this->works as $id => $work) {
            if (!isset($placed[$id])) {
                $ready = max($this->from, $work->notBefore);
                foreach ($work->links as $link) {
                    $ready = max($ready, $link->wait->over($ends[$link->after], $this->hands[0]));
                }
                $ends[$id] = $this->soonest($work, $ready);
                [$left[$id], $heads[$id]] = [$work, $ready];
                $end = max($end, $work->last->over($ends[$id], $this->hands[0]));
            }
            $late = max(
                $late,
                (int) ceil(
                    (
                        max(
                            $ends[$id] + $this->tails[$id],
                            isset($placed[$id]) ? $placed[$id]->over : 0,
                        ) - ($this->due[$work->job] ?? \PHP_INT_MAX)
                    ) / 60,
                ),
            );
        }
        if (1 === \count($this->hands) && [] !== $left) {
            $end = max($end, $this->interrupted($left, $heads, $free));
        }

        return [$late, $end];
    }

    private function soonest(Work $work, int $ready): int
    {
        if (0 === $work->minutes) {
            return $ready;
        }
        $soonest = \PHP_INT_MAX;
        foreach ($work->alone ? [$this->hands[0]] : $this->hands as $calendar) {
            $stretches = $calendar->fit($this->minutes[$work->id], $ready);
            $soonest = null === $stretches ? $soonest : min($soonest, $stretches[\count($stretches) - 1]->end);
        }

        return \PHP_INT_MAX === $soonest ? $ready : $soonest;
    }

    /**
     * One pair of hands that may be interrupted.
     *
     * @param array<string, Work> $left
     * @param array<string, int>  $heads
     */
    private function interrupted(array $left, array $heads, int $free): int
    {
        $calendar = $this->hands[0];
        asort($heads);
        $coming = array_keys($heads);
        $minutes = array_intersect_key($this->minutes, $left);
        /** @var \SplPriorityQueue<int, string> $open */
        $open = new \SplPriorityQueue();
        [$at, $now, $end] = [0, $free, 0];
        while (isset($coming[$at]) || !$open->isEmpty()) {
            if ($open->isEmpty()) {
                $now = max($now, $heads[$coming[$at]]);
            }
            for (; isset($coming[$at]) && $heads[$coming[$at]] <= $now; ++$at) {
                $open->insert($coming[$at], $this->tails[$coming[$at]]);
            }
            $id = $open->top();
            \assert(\is_string($id));
            $done = $calendar->pack($minutes[$id], $now);
            $next = isset($coming[$at]) ? $heads[$coming[$at]] : \PHP_INT_MAX;
            if ($done <= $next) {
                $open->extract();
                $end = max($end, $done + $this->tails[$id]);
                $now = max($now, $done);
            } else {
                $minutes[$id] -= $calendar->worked($now, $next);
                $now = $next;
            }
        }

        return $end;
    }
}
