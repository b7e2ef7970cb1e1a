<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * A work in the calendar.
 *
 * Immutable. `hands` 0 the painter's, 1 the helper's; `stretches` of working time, several where it is longer than any or a pot slakes
 * first; `setUp` minutes of them at the beginning; `over` when what must pass after it has passed, if nothing follows; `mixed` whether its
 * pot is mixed for it, `rested` whether that is a stretch of its own, with a rest before the work.
 */
final readonly class PlacedWork
{
    /**
     * @param non-empty-list<Interval> $stretches
     */
    public function __construct(
        public Work $work,
        public int $hands,
        public array $stretches,
        public int $setUp,
        public bool $mixed = false,
        public bool $rested = false,
        public int $over = 0,
    ) {
    }

    /** The same, with what must pass after it. */
    public function over(int $instant): self
    {
        return new self(
            work: $this->work,
            hands: $this->hands,
            stretches: $this->stretches,
            setUp: $this->setUp,
            mixed: $this->mixed,
            rested: $this->rested,
            over: $instant,
        );
    }

    /** When hands turn to it, if only to mix. */
    public function start(): int
    {
        return $this->stretches[0]->start;
    }

    /** When the piece is touched. */
    public function begins(): int
    {
        return $this->rested && isset($this->stretches[1]) ? $this->stretches[1]->start : $this->start();
    }

    public function end(): int
    {
        return $this->stretches[\count($this->stretches) - 1]->end;
    }
}
