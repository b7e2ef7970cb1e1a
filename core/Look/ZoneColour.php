<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Technique\Zone;

/**
 * A zone and the colour it has.
 *
 * Immutable.
 */
final readonly class ZoneColour
{
    public function __construct(public Zone $zone, public string $colour)
    {
    }
}
