<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

/**
 * What a step leaves of a gap: `films` in µm on both faces together, `gap` in mm with the wood swollen.
 *
 * Immutable.
 */
final readonly class FitStep
{
    public function __construct(public string $stepId, public float $films, public float $gap)
    {
    }
}
