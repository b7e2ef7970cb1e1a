<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

/**
 * When a piece is ready.
 *
 * Immutable. `ready` as expected, with the fewest and with the most rounds; null where it is not planned to its end, `stuck` then says why;
 * `late` minutes after the day it is wanted by; `beginBy` when it must be begun, or gone on with, at the latest to be ready by that day if
 * nothing else were on the bench, null where no day is set or even now is too late.
 */
final readonly class DayPiece
{
    public function __construct(
        public string $id,
        public string $title,
        public ?string $ready,
        public ?string $soonest,
        public ?string $latest,
        public ?string $due,
        public int $late,
        public ?string $beginBy,
        public ?string $stuck,
    ) {
    }
}
