<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * An operation in the calendar.
 *
 * Immutable. `stretches` are the working times it takes (several where it is longer than any), `nextFrom` the earliest
 * start of what follows, `tooLate` by how many minutes the largest wait after it is broken, 0 where it is kept.
 */
final readonly class Placed
{
    /**
     * @param non-empty-list<Interval> $stretches
     */
    public function __construct(public Operation $operation, public array $stretches, public int $nextFrom, public int $tooLate = 0)
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
