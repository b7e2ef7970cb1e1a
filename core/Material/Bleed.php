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
            self::Tannin => 'Tannin', self::Resin => 'Knot resin', self::DyeWood => 'Wood dye',
            self::OldStain => 'Old stain', self::Smoke => 'Smoke', self::Silicone => 'Silicone',
        };
    }

    /**
     * What holds it back, and why.
     */
    public function heldBackBy(): string
    {
        return match ($this) {
            self::Tannin => 'Use a stain-blocking primer, shellac-based or water-based. Plain water-based coats pull brown marks into '
                .'pale colours.',
            self::Resin => 'Use a shellac-based stain-blocking primer, two coats over the knots. Warm resin passes water-based blockers.',
            self::DyeWood => 'Use two coats of a shellac-based blocker. The dye dissolves in most carriers but doesn\'t pass shellac.',
            self::OldStain => 'Use a shellac-based blocker. Old stain often dissolves in the next coat.',
            self::Smoke => 'Wash with an alkaline cleaner, then use a shellac-based blocker. Smoke and its smell pass water-based coats.',
            self::Silicone => 'Wash with mineral spirit until a drop spreads, then apply a thin shellac coat. Paint craters on silicone.',
        };
    }
}
