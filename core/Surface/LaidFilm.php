<?php

declare(strict_types=1);

namespace Inlaid\Core\Surface;

use Inlaid\Core\Colour\FilmOptics;
use Inlaid\Core\Colour\Spectrum;
use Inlaid\Core\Optics\Colourant;
use Inlaid\Core\Optics\ColourantKind;

/**
 * A film, or a dye, where it lies in one patch.
 *
 * `wet` µm of wet film that stayed; `dry` µm of what it builds; `share` what is left of it after something was taken off; `soaks` whether
 * it went into bare wood, which stays wetted
 * when the film is sanded away; `offered` normal coats of a dye that the wood was given, of which it took up less. Nothing of it changes;
 * what has been worked out is kept.
 */
final class LaidFilm
{
    /** µm of wood that a dye, or what soaks bare wood, goes into; typical of one flooding. */
    private const SOAKED = 60.0;
    /** What wood takes up of dyes in the end, and of one flooding that is wiped off, in normal coats; typical. */
    private const WOOD_TAKES = 0.18;
    private const ONE_FLOODING = 0.25;
    /** A film thinner than this share of a normal coat does not close the ground. */
    private const CLOSES = 0.2;
    /** Share of the ground that one normal coat of flakes covers; typical. */
    private const FLAKE_COVERS = 0.9;

    /** @var array<string, FilmOptics> */
    private array $worked = [];

    public function __construct(
        public readonly string $stepId,
        public readonly Colourant $of,
        public readonly float $wet,
        public readonly float $dry,
        public readonly float $share = 1.0,
        private readonly bool $soaks = false,
        private readonly float $offered = 0.0,
    ) {
    }

    /** µm to be taken off until nothing of it is left. */
    public function depth(): float
    {
        return $this->share * ($this->dry + $this->soaked());
    }

    private function soaked(): float
    {
        return $this->soaks || ColourantKind::Dye === $this->of->kind ? self::SOAKED : 0.0;
    }

    public function leaving(float $share): self
    {
        return new self(
            stepId: $this->stepId,
            of: $this->of,
            wet: $this->wet,
            dry: $this->dry,
            share: $this->share * $share,
            soaks: $this->soaks,
            offered: $this->offered,
        );
    }

    /** µm of dry film that stand on the ground: what has soaked in is taken off last. */
    public function depthOfFilm(): float
    {
        return max(0.0, $this->depth() - $this->soaked());
    }

    /**
     * The same where it is laid on open wood, which takes up only so much of all dyes: (1 − e^(−x ÷ c)) c of x normal coats, so scaled that
     * one flooding, which its look is stated of, gives just that.
     *
     * @param list<self> $in the films there
     */
    public function onWood(array $in): self
    {
        $soaks = ColourantKind::Clear === $this->of->kind;
        if (ColourantKind::Dye !== $this->of->kind) {
            return $soaks
                ? new self(stepId: $this->stepId, of: $this->of, wet: $this->wet, dry: $this->dry, share: $this->share, soaks: true)
                : $this;
        }
        $taken = static fn (float $x): float => 1 - exp(-$x / self::WOOD_TAKES);
        $before = 0.0;
        foreach ($in as $film) {
            $before += ColourantKind::Dye === $film->of->kind ? $film->offered * $film->share : 0.0;
        }
        $offered = $this->wet / $this->of->normal;
        $scale = self::ONE_FLOODING / $taken(self::ONE_FLOODING);

        return new self(
            stepId: $this->stepId,
            of: $this->of,
            wet: $this->of->normal * $scale * ($taken($before + $offered) - $taken($before)),
            dry: $this->dry,
            share: $this->share,
            offered: $offered,
        );
    }

    /** Does it look the same on a ground that was scratched as on one that was not? */
    public function hasOwnSurface(): bool
    {
        return null !== $this->of->sheen && $this->closes();
    }

    public function over(Ground $ground, float $years = 0.0): Ground
    {
        return match ($this->of->kind) {
            ColourantKind::Resist => $ground,
            ColourantKind::Dye => $ground->under($this->through($ground, $ground->uptake, $years), null, false),
            default => $this->laid($ground->wetted($this->wets()), $years),
        };
    }

    /** How far it fills the pores of what it lies on; not at all but by something clear. */
    private function wets(): float
    {
        return ColourantKind::Clear === $this->of->kind
            ? $this->wet / $this->of->normal * ($this->soaks ? 1.0 : $this->share) / self::CLOSES
            : 0.0;
    }

    /**
     * What it makes of the light from a closed ground: by how much it deepens its colour, as a factor on K ÷ S, and then its map, null for
     * none.
     *
     * @return array{float, FilmOptics|null}
     */
    public function makesOf(Ground $ground): array
    {
        return [$ground->wetting($this->wets()), match ($this->of->kind) {
            ColourantKind::Resist, ColourantKind::Clear => null,
            ColourantKind::Dye => $this->of->isSeen ? $this->film($ground->uptake, 0.0) : null,
            default => $this->of->isSeen ? $this->film(1.0, 0.0) : null,
        }];
    }

    /** Does it close the ground with a surface of its own? */
    public function closes(): bool
    {
        return ColourantKind::Resist !== $this->of->kind
            && ColourantKind::Dye !== $this->of->kind
            && $this->wet * $this->share / $this->of->normal >= self::CLOSES;
    }

    private function laid(Ground $ground, float $years): Ground
    {
        $clear = ColourantKind::Clear === $this->of->kind && (0.0 === $years || 0.0 === $this->of->yellows);

        return $ground->under(
            $clear ? $ground->inside : $this->through($ground, 1.0, $years),
            $this->of->sheen,
            $this->closes(),
        );
    }

    private function through(Ground $ground, float $uptake, float $years): Spectrum
    {
        return $this->of->isSeen ? $this->film($uptake, $years)->over($ground->inside) : $ground->inside;
    }

    private function film(float $uptake, float $years): FilmOptics
    {
        return $this->worked["$uptake $years"] ??= null === $this->of->flake
            ? FilmOptics::of($this->of->optics->yellowed($this->of->yellows, $years), $this->wet * $this->share * $uptake)
            : FilmOptics::flakes($this->of->flake, 1 - (1 - self::FLAKE_COVERS) ** ($this->wet * $this->share / $this->of->normal));
    }
}
