<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

/**
 * How every zone looks after a step; after none, as the work begins.
 *
 * Immutable.
 */
final readonly class LookAfter
{
    /**
     * @param list<ZoneLook> $zones
     */
    public function __construct(public ?string $stepId, public array $zones)
    {
    }
}
