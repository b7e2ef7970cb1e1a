<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

/**
 * The plan of a recipe by itself, and when the films of each step have cured.
 *
 * Immutable. Instants as seconds since 1970 in UTC. @internal to the preview
 */
final readonly class PlannedAlone
{
    /**
     * @param array<string, int> $cured by step id
     */
    public function __construct(public array $cured, public PlanPreview $plan)
    {
    }
}
