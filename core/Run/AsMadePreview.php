<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

/**
 * A run as it was made, against its plan.
 *
 * Immutable. Of the works whose beginning and end were noted (`timed` of `works`) the minutes planned and made; of the steps whose amount
 * was noted the ml planned and poured; `costPlanned` and `costMade` of just those, hands and material, null where a price is not known;
 * `begun` and `ended` as they are told in the studio, null where nothing was noted.
 */
final readonly class AsMadePreview
{
    /**
     * @param list<StepRecord> $steps
     * @param list<Deviation>  $deviations in the order of the steps
     */
    public function __construct(
        public int $works,
        public int $done,
        public int $timed,
        public int $minutesPlanned,
        public int $minutesMade,
        public float $mlPlanned,
        public float $mlPoured,
        public ?float $costPlanned,
        public ?float $costMade,
        public ?string $begun,
        public ?string $ended,
        public array $steps,
        public array $deviations,
    ) {
    }
}
