<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

/**
 * Something to be done on a piece, and when.
 *
 * Immutable. `coat` of `coats`, done in several goes (`lay`, and `half` in words) where parts are turned or what was laid is wiped later;
 * `hands` 0 the painter's, 1 a helper's; `pours` whether it
 * takes from a pot, `setUp` minutes of it to begin with that, which then `slakes` for so many before the next
 * stretch; `besides` minutes of the coat that go into tools and handling parts; `potKeeps` until when what is
 * mixed for it does, null where that is not known; `over` when what must
 * pass after it has passed; `tooLong` minutes by which it comes later than what is before it allows, 0 where it does not.
 */
final readonly class DayWork
{
    /**
     * @param non-empty-list<TimeSlot> $stretches
     */
    public function __construct(
        public string $piece,
        public string $step,
        public int $coat,
        public int $lay,
        public int $number,
        public string $name,
        public int $coats,
        public int $hands,
        public array $stretches,
        public int $setUp,
        public int $besides,
        public ?string $pot,
        public ?string $potKeeps,
        public string $over,
        public int $tooLong,
        public ?string $half,
        public int $slakes,
        public bool $pours,
    ) {
    }
}
