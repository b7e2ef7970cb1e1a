<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Surface;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\Observer;
use Inlaid\Core\Colour\Optics;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Colour\Spectrum;
use Inlaid\Core\Optics\Colourant;
use Inlaid\Core\Optics\ColourantKind;
use Inlaid\Core\Piece\FinishKind;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\OldFinish;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Surface\BuildSurface;
use Inlaid\Core\Surface\FilmOf;
use Inlaid\Core\Surface\Ground;
use Inlaid\Core\Surface\LaidFilm;
use Inlaid\Core\Surface\Origin;
use Inlaid\Core\Surface\Patch;
use Inlaid\Core\Surface\SurfaceStep;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Pattern;

/**
 * Films that are the same in every band, so that what they do can be worked out on paper: one that only absorbs makes R·e^(−2KX) of R, one
 * that only scatters (R + SX(1 − R)) ÷ (1 + SX(1 − R)).
 */
final class Flat
{
    /** K and S per µm; one normal coat is 100 µm wet. */
    public static function of(
        ColourantKind $kind = ColourantKind::Film,
        float $k = 0.0,
        float $s = 0.0,
        ?Sheen $sheen = Sheen::Satin,
        float $yellows = 0.0,
        float $flake = 0.8,
        bool $isSeen = true,
    ): Colourant {
        $even = static fn (float $figure): array => array_fill(0, Observer::BANDS, $figure);

        return new Colourant(
            kind: $kind,
            optics: Optics::of($even($k), $even($s)),
            flake: ColourantKind::Flake === $kind ? Spectrum::even($flake) : null,
            sheen: $sheen,
            yellows: $yellows,
            normal: 100.0,
            isSeen: $isSeen,
        );
    }

    /** One for all tests: what it finds of a colour is found once. */
    public static function build(): BuildSurface
    {
        static $build = null;

        return $build ??= new BuildSurface();
    }

    public static function film(string $step, ?Colourant $of = null, float $wet = 100.0, float $dry = 30.0, float $share = 1.0): LaidFilm
    {
        return new LaidFilm(stepId: $step, of: $of ?? self::of(s: 0.01), wet: $wet, dry: $dry, share: $share);
    }

    public static function dye(string $step, float $wet = 25.0): LaidFilm
    {
        return self::film($step, self::of(ColourantKind::Dye, k: 0.02, sheen: null), $wet, 0.0);
    }

    public static function resist(string $step): LaidFilm
    {
        return self::film($step, self::of(ColourantKind::Resist, sheen: null), 20.0, 10.0);
    }

    public static function clear(string $step, float $wet = 100.0, float $dry = 30.0, float $yellows = 0.0): LaidFilm
    {
        return self::film($step, self::of(ColourantKind::Clear, yellows: $yellows), $wet, $dry);
    }

    public static function origin(
        Grain $grain = Grain::Close,
        SubstrateKind $kind = SubstrateKind::Solid,
        FinishKind $finish = FinishKind::Bare,
        ?float $absorption = null,
        int $lastGrit = Origin::LAST_GRIT,
    ): Origin {
        return new Origin(Substrate::of($kind, 'beech', $grain, Colour::of('#bcbcbc')), new OldFinish($finish), $absorption, $lastGrit);
    }

    /** Bare wood that reflects a half inside, or a closed ground of 0.3 over it. */
    public static function wood(float $pores = 0.0, float $old = 0.0, ?float $absorption = null, int $lastGrit = Origin::LAST_GRIT): Patch
    {
        $bare = self::bare();

        return Patch::whole(
            origin: self::origin(absorption: $absorption, lastGrit: $lastGrit),
            base: $old > 0.0 ? self::closed() : $bare,
            old: $old,
            bare: $bare,
            pores: $pores,
        );
    }

    public static function bare(): Ground
    {
        return Ground::bare(Spectrum::even(0.5))->under(Spectrum::even(0.5), null, false);
    }

    public static function closed(): Ground
    {
        return Ground::closed(Spectrum::even(0.3))->under(Spectrum::even(0.3), Sheen::Satin, true);
    }

    public static function inside(Patch $patch): float
    {
        return $patch->ground->inside->bands[0];
    }

    public static function lays(string $id, Pattern $pattern, ?Colourant $of = null, int $rounds = 1, float $wet = 100.0): SurfaceStep
    {
        return new SurfaceStep(
            id: $id,
            effect: Effect::Adds,
            pattern: $pattern,
            rounds: $rounds,
            film: new FilmOf($id, $of ?? self::of(s: 0.01), $wet, 0.3 * $wet),
            depth: 0.0,
            way: 'from the top',
        );
    }

    public static function takes(string $id, Pattern $pattern, float $depth, float $cuts = 0.0, bool $releases = false): SurfaceStep
    {
        return new SurfaceStep(
            id: $id,
            effect: Effect::TakesAway,
            pattern: $pattern,
            rounds: 1,
            film: null,
            depth: $depth,
            way: 'from the top',
            releases: $releases,
            cuts: $cuts,
        );
    }
}
