<?php

declare(strict_types=1);

namespace Inlaid\Core\Film;

/**
 * What one coat uses: `laid` on the piece and `taken` from the pot, in ml, over `area` m².
 *
 * Immutable.
 */
final readonly class CoatNeed
{
    public function __construct(public float $area, public float $laid, public float $taken)
    {
    }
}
