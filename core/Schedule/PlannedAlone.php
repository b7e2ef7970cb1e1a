<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

/**
 * The plan of a recipe by itself, with the instants of each step: begun, done, cured.
 *
 * Immutable. Instants as seconds since 1970 in UTC. @internal to the preview
 */
final readonly class PlannedAlone
{
    /**
     * @param array<string, int> $starts of the first coat of each step, by its id
     * @param array<string, int> $ends   of the last one
     * @param array<string, int> $cured
     */
    public function __construct(public array $starts, public array $ends, public array $cured, public PlanPreview $plan)
    {
    }
}
