<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * What lies beside a board in its photo to tell the light by. Typical reflectances; a card with a stated one is better.
 */
enum ReferenceCard: string
{
    case White = 'white';
    case Grey = 'grey';

    /** Share of the light it reflects, the same in every colour. */
    public function reflects(): float
    {
        return match ($this) {
            self::White => 0.88, self::Grey => 0.18,
        };
    }
}
