<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * One of the thick and thin places that a technique leaves.
 *
 * Immutable. `share` of the zone; `amount` of the film, or of the depth taken away, against what the technique's figures say of a place
 * that is touched.
 */
final readonly class Level
{
    public function __construct(public float $share, public float $amount)
    {
    }
}
