<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * Where a blended or feathered colour is full; from there it runs out.
 */
enum Placement: string
{
    case TopDown = 'top-down';
    case BottomUp = 'bottom-up';
    case FromRim = 'from-rim';
    case FromCentre = 'from-centre';

    public function inWords(): string
    {
        return match ($this) {
            self::TopDown => 'top', self::BottomUp => 'bottom', self::FromRim => 'edges', self::FromCentre => 'middle',
        };
    }

    /** Opposite ways share one: what one leaves, the other takes. */
    public function way(): string
    {
        return match ($this) {
            self::TopDown, self::BottomUp => 'down', self::FromRim, self::FromCentre => 'in',
        };
    }

    /**
     * What begins full and runs out, in the order in which it lies along the way.
     *
     * @param non-empty-list<array{float, float}> $levels from the full one
     *
     * @return non-empty-list<array{float, float}>
     */
    public function run(array $levels): array
    {
        return self::BottomUp === $this || self::FromCentre === $this ? array_reverse($levels) : $levels;
    }

    /**
     * Figures that are full where they begin, and hardly seen where they end.
     *
     * @return non-empty-list<array{float, float}>
     */
    public static function fading(float $share): array
    {
        return [[$share / 3, 1.0], [$share / 3, 0.55], [$share / 3, 0.2]];
    }
}
