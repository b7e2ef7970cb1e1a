<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * A stretch of time, as seconds since 1970 in UTC.
 *
 * Immutable. The end is not part of it.
 */
final readonly class Interval
{
    public function __construct(public int $start, public int $end)
    {
    }

    public function minutes(): int
    {
        return intdiv($this->end - $this->start, 60);
    }
}
