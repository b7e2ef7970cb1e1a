<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

/**
 * What shows on the flat where so much has been taken off.
 *
 * Immutable. `from` µm below the surface; `stepId` whose film lies bare there, null for the ground.
 */
final readonly class LookAtDepth
{
    public function __construct(public float $from, public ?string $stepId, public string $colour)
    {
    }
}
