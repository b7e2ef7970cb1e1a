<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

/**
 * What becomes of rags with oil, stain or solvent in them.
 */
enum Rags: string
{
    case Flat = 'flat';
    case Water = 'water';
    case Heap = 'heap';

    public function inWords(): string
    {
        return match ($this) {
            self::Flat => 'spread flat outdoors until hard',
            self::Water => 'under water in a lidded metal can',
            self::Heap => 'balled up or in a bin',
        };
    }
}
