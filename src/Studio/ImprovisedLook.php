<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\Core\Look\ZoneLook;

/**
 * How some faces look with an improvised step.
 *
 * Immutable. `parts` their names; `before` and `zones` their look without it and with it.
 */
final readonly class ImprovisedLook
{
    /**
     * @param list<string>   $parts
     * @param list<ZoneLook> $before
     * @param list<ZoneLook> $zones
     */
    public function __construct(public array $parts, public array $before, public array $zones)
    {
    }
}
