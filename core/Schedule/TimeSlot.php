<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

/**
 * A stretch of work, in ISO 8601 with the studio's offset.
 *
 * Immutable.
 */
final readonly class TimeSlot
{
    public function __construct(public string $start, public string $end)
    {
    }
}
