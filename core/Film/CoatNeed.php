<?php

declare(strict_types=1);

namespace Inlaid\Core\Film;

use Brick\Math\BigRational;
use Inlaid\Core\Measure\ExactNumber;

/**
 * What one coat uses: `laid` on the piece and `taken` from the pot, in ml, over `area` m²; and `poured`, which is what is taken, rounded up
 * to
 * the tenth of a ml that can be measured.
 *
 * Immutable.
 */
final readonly class CoatNeed
{
    public BigRational $poured;

    public function __construct(public float $area, public float $laid, public float $taken)
    {
        $this->poured = ExactNumber::ceil($taken);
    }
}
