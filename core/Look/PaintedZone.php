<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Surface\Division;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Zone;

/**
 * What of a zone's look is needed to paint it: how its patches came of those before a step, and, in the end, their colours.
 *
 * Immutable.
 */
final readonly class PaintedZone
{
    /**
     * @param list<string>        $colours of the patches, empty before the end
     * @param list<Division>|null $divided
     */
    public function __construct(
        public Zone $zone,
        public array $colours,
        public ?array $divided,
        public ?Spread $spread,
        public ?string $way,
    ) {
    }
}
