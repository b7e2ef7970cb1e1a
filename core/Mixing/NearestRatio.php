<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;

/**
 * The nearest to a wanted ratio that can be had from a pot with what there is to add.
 *
 * Immutable. `error` is the largest |share ÷ wanted − 1| over the materials.
 */
final readonly class NearestRatio
{
    public function __construct(public Contents $add, public Contents $pot, public BigRational $error)
    {
    }
}
