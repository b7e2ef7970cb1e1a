<?php

declare(strict_types=1);

namespace Inlaid\Core\Material;

/**
 * What a material is for, as the shelf is sorted.
 */
enum MaterialKind: string
{
    case Cleaner = 'cleaner';
    case Stripper = 'stripper';
    case Neutraliser = 'neutraliser';
    case Filler = 'filler';
    case Bleach = 'bleach';
    case Conditioner = 'conditioner';
    case Primer = 'primer';
    case Paint = 'paint';
    case Stain = 'stain';
    case GlazingMedium = 'glazing-medium';
    case Resist = 'resist';
    case Wax = 'wax';
    case Oil = 'oil';
    case Topcoat = 'topcoat';
    case Thinner = 'thinner';
    case Plaster = 'plaster';

    /**
     * Does it only carry or dilute what it is mixed into, leaving nothing of its own to hide or build?
     */
    public function thins(): bool
    {
        return self::Thinner === $this;
    }
}
