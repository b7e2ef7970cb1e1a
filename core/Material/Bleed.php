<?php

declare(strict_types=1);

namespace Inlaid\Core\Material;

/**
 * What can rise through a finish from below, each with what holds it back.
 *
 * General craft: tannin and most stains dissolve in water, so a water-based coat draws them up; resin softens with warmth
 * whatever lies on it, and dye woods and old stains go into most carriers but not back through shellac.
 */
enum Bleed: string
{
    case Tannin = 'tannin';
    case Resin = 'resin';
    case DyeWood = 'dye';
    case OldStain = 'stain';
    case Smoke = 'smoke';
    case Silicone = 'silicone';

    public function inWords(): string
    {
        return match ($this) {
            self::Tannin => 'Tannin', self::Resin => 'Knot resin', self::DyeWood => 'Dye of the wood itself',
            self::OldStain => 'Old stain', self::Smoke => 'Smoke', self::Silicone => 'Silicone',
        };
    }

    /**
     * What holds it back, and why.
     */
    public function heldBackBy(): string
    {
        return match ($this) {
            self::Tannin => 'A stain-blocking primer, shellac-based or water-based: plain water-based coats draw brown marks up through pale colours.',
            self::Resin => 'A shellac-based stain-blocking primer, twice over the knots: resin softens with warmth and goes through water-based blockers.',
            self::DyeWood => 'Two coats of a shellac-based blocker: the dye goes into most carriers, but not back through shellac.',
            self::OldStain => 'A shellac-based blocker: old stain often dissolves in the next coat, whatever that is.',
            self::Smoke => 'Wash with an alkaline cleaner, then a shellac-based blocker: smoke goes through water-based coats, and its smell too.',
            self::Silicone => 'Wash with mineral spirit until a drop spreads, then a thin shellac coat: paint pulls away from silicone in craters.',
        };
    }
}
