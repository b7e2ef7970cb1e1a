<?php

declare(strict_types=1);

namespace Inlaid\Core\Measure;

/**
 * What a scale shows, in g, and whether it has settled.
 *
 * Immutable.
 */
final readonly class WeightShown
{
    public function __construct(public float $grams, public bool $settled)
    {
    }
}
