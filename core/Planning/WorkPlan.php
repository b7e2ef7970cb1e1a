<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * A plan of several pieces.
 *
 * Immutable. `placed` in order of beginning; `ready` the instant at which each piece is, by job, but for one that does not fit into the
 * years that are planned; `late` minutes by which the latest misses its day, 0 where none does; `tooLong` minutes by which a largest wait
 * is broken, by work, where no plan keeps it;
 * `bound` an instant before which no plan can have all ready; `complete` whether no better plan exists.
 */
final readonly class WorkPlan
{
    public int $end;

    /**
     * @param list<PlacedWork>   $placed
     * @param array<string, int> $ready
     * @param array<string, int> $tooLong
     */
    public function __construct(
        public array $placed,
        public array $ready,
        public int $late,
        public array $tooLong,
        public int $bound,
        public bool $complete,
    ) {
        $this->end = [] === $ready ? 0 : max($ready);
    }

    /** Is it better than another: less late, less broken, ready sooner? */
    public function isBetterThan(self $other): bool
    {
        return $this->cost() < $other->cost();
    }

    /**
     * @return array{int, int, int, int}
     */
    public function cost(): array
    {
        return [array_sum($this->tooLong), $this->late, $this->end, array_sum($this->ready)];
    }
}
