<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

/**
 * The recipe planned alone, as if nothing else were on the bench.
 *
 * Immutable. `readyOn` when the last coat is through-dry, `curedOn` when all have cured; both null where no promise can
 * be made, and `stuck` then says why. `soonest` and `latest` when it is ready with the fewest and the most rounds of what is repeated, null
 * where
 * nothing is. Minutes for `handsOn` and `waiting`.
 */
final readonly class PlanPreview
{
    /**
     * @param list<CoatPlan> $coats
     */
    public function __construct(
        public bool $alone,
        public string $from,
        public array $coats,
        public ?string $readyOn,
        public ?string $curedOn,
        public int $handsOn,
        public int $waiting,
        public ?string $longestWait,
        public ?string $stuck,
        public ?string $soonest,
        public ?string $latest,
    ) {
    }
}
