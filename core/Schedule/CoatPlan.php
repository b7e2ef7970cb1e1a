<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

/**
 * When a coat (or a step without coats) is done. Times in ISO 8601 with the studio's offset.
 *
 * Immutable. `stretches` are several where it is longer than any working stretch; `leastWait` in minutes before
 * `nextFrom`; `tooLate` by how many minutes it comes after the recoat window of the coat before, which is of the step `closed`; `lay` and
 * `half`, in words, where it is done in several goes; `mixed` whether its pot is mixed for it in the first stretch, and then `slakes` so
 * many minutes before the next; `leftTooLong` by how many minutes what is to be wiped or taken off stands longer than it may.
 */
final readonly class CoatPlan
{
    /**
     * @param list<TimeSlot> $stretches
     */
    public function __construct(
        public string $stepId,
        public int $coat,
        public array $stretches,
        public string $end,
        public string $nextFrom,
        public int $handsOn,
        public int $leastWait,
        public bool $overnight,
        public int $tooLate,
        public ?string $closed,
        public int $lay,
        public int $leftTooLong,
        public ?string $half,
        public bool $mixed,
        public int $slakes,
    ) {
    }
}
