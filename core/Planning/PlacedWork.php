<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * A work in the calendar.
 *
 * Immutable. `hands` 0 the painter's, 1 the helper's; `stretches` of working time, several where it is longer than any; `setUp` minutes of
 * them at the beginning; `over` when what must pass after it has passed, if nothing follows.
 */
final readonly class PlacedWork
{
    /**
     * @param non-empty-list<Interval> $stretches
     */
    public function __construct(public Work $work, public int $hands, public array $stretches, public int $setUp, public int $over)
    {
    }

    public function start(): int
    {
        return $this->stretches[0]->start;
    }

    public function end(): int
    {
        return $this->stretches[\count($this->stretches) - 1]->end;
    }
}
