<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;

/**
 * What evaporated from a pot: what is in it now, and what restores it.
 *
 * Immutable. `thickened` grams of the loss that came out of the body itself, beyond the thinner that was added.
 */
final readonly class EvaporatePotRequest
{
    public function __construct(public Contents $left, public Portion $restore, public BigRational $thickened)
    {
    }
}
