<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

/**
 * All pieces on the bench over the days to come.
 *
 * Immutable. Times as they are told in the studio. `end` when all are ready, `bound` before which no plan can have them so, `complete`
 * whether that is proved to be the best; `handsOn` minutes in all, pots not counted; of them `besides` for tools and
 * handling parts.
 */
final readonly class DaysPreview
{
    /**
     * @param list<DayWork>    $works   in order of beginning
     * @param list<DayPiece>   $pieces
     * @param list<TimeSlot>   $gaps    working time in which nothing is to be done
     * @param list<PotExpires> $expires pots on the shelf that will not keep for another week, the first to go first
     */
    public function __construct(
        public string $now,
        public array $works,
        public array $pieces,
        public array $gaps,
        public array $expires,
        public ?string $end,
        public ?string $bound,
        public bool $complete,
        public int $handsOn,
        public int $besides,
    ) {
    }
}
