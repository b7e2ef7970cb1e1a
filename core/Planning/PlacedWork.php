<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * A work in the calendar.
 *
 * Immutable. `hands` 0 the painter's, 1 the helper's; `stretches` of working time, several where it is longer than any or a pot slakes
 * first; `setUp` minutes of them at the beginning; `over` when what must pass after it has passed, if nothing follows; `mixed` whether its
 * pot is mixed for it.
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
            over: $instant,
        );
    }

    /** When hands turn to it, if only to mix. */
    public function start(): int
    {
        return $this->stretches[0]->start;
    }

    /** Minutes that what was mixed in the first stretch rests before the next; 0 where nothing does. */
    public function slakes(): int
    {
        return $this->mixed ? $this->work->pot->slake ?? 0 : 0;
    }

    /** When the piece is touched. */
    public function begins(): int
    {
        return $this->slakes() > 0 && isset($this->stretches[1]) ? $this->stretches[1]->start : $this->start();
    }

    public function end(): int
    {
        return $this->stretches[\count($this->stretches) - 1]->end;
    }
}
