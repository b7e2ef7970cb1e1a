<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Technique\Zone;

/**
 * What a step adds to the look: the ΔE that leaving it out would make, in the zone where that is most.
 *
 * Immutable. `most` right after it or in the end, whichever is more, `remains` in the end; `lost` if less than 1 remains
 * in every zone and patch; `buriedBy` the
 * step after which that is so.
 */
final readonly class LookEffect
{
    public function __construct(
        public string $stepId,
        public Zone $zone,
        public float $most,
        public float $remains,
        public bool $lost,
        public ?string $buriedBy,
    ) {
    }
}
