<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

/**
 * What a part is made of.
 */
enum SubstrateKind: string
{
    case Solid = 'solid';
    case Veneer = 'veneer';
    case Plywood = 'plywood';
    case Mdf = 'mdf';
    case Laminate = 'laminate';
    case Metal = 'metal';

    /**
     * Swelling across the grain in % of the width for each % of moisture, where the species does not say. Typical of
     * temperate hardwoods between radial and tangential; boards glued crosswise hold one another.
     */
    public function moves(): float
    {
        return match ($this) {
            self::Solid => 0.25, self::Veneer, self::Plywood => 0.03, self::Mdf => 0.05, self::Laminate => 0.02, self::Metal => 0.0,
        };
    }
}
