<?php

declare(strict_types=1);

namespace Inlaid\Core\Surface;

use Inlaid\Core\Colour\FilmOptics;
use Inlaid\Core\Optics\Colourant;
use Inlaid\Core\Optics\ColourantKind;

/**
 * A film, or a dye, where it lies in one patch.
 *
 * `wet` µm of wet film that stayed; `dry` µm of what it builds; `share` what is left of it after something was taken off; `soaks` whether
 * it went into bare wood, which stays wetted
 * when the film is sanded away. Nothing of it changes; what has been worked out is kept.
 */
final class LaidFilm
{
    /** µm of wood that a dye, or what soaks bare wood, goes into; typical of one flooding. */
    private const SOAKED = 60.0;
    /** A film thinner than this share of a normal coat does not close the ground. */
    private const CLOSES = 0.2;
    /** Share of the ground that one normal coat of flakes covers; typical. */
    private const FLAKE_COVERS = 0.9;

    /** @var array<string, FilmOptics> */
    private array $worked = [];
    private ?self $onWood = null;

    public function __construct(
        public readonly string $stepId,
        public readonly Colourant $of,
        public readonly float $wet,
        public readonly float $dry,
        public readonly float $share = 1.0,
        private readonly bool $soaks = false,
    ) {
    }

    /** µm to be taken off until nothing of it is left. */
    public function depth(): float
    {
        return $this->share * ($this->dry + ($this->soaks || ColourantKind::Dye === $this->of->kind ? self::SOAKED : 0.0));
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
        );
    }

    /** The same where it is laid on bare wood. */
    public function onWood(): self
    {
        return $this->onWood ??= new self(
            stepId: $this->stepId,
            of: $this->of,
            wet: $this->wet,
            dry: $this->dry,
            share: $this->share,
            soaks: ColourantKind::Clear === $this->of->kind,
        );
    }

    /** Does it look the same on a ground that was scratched as on one that was not? */
    public function hasOwnSurface(): bool
    {
        return null !== $this->of->sheen
            && ColourantKind::Resist !== $this->of->kind
            && ColourantKind::Dye !== $this->of->kind
            && $this->wet * $this->share / $this->of->normal >= self::CLOSES;
    }

    public function over(Ground $ground, float $years = 0.0): Ground
    {
        $normal = $this->wet * $this->share / $this->of->normal;

        return match ($this->of->kind) {
            ColourantKind::Resist => $ground,
            ColourantKind::Dye => $ground->under($this->film($ground->uptake, $years)->over($ground->inside), null, false),
            ColourantKind::Flake => $ground->under(
                $this->film(1.0, $years)->over($ground->inside),
                $this->of->sheen,
                $normal >= self::CLOSES,
            ),
            ColourantKind::Clear => $this->laid(
                $ground->wetted(($this->soaks ? $this->wet / $this->of->normal : $normal) / self::CLOSES),
                $normal,
                $years,
            ),
            ColourantKind::Film => $this->laid($ground, $normal, $years),
        };
    }

    private function laid(Ground $ground, float $normal, float $years): Ground
    {
        $clear = ColourantKind::Clear === $this->of->kind && (0.0 === $years || 0.0 === $this->of->yellows);

        return $ground->under(
            $clear ? $ground->inside : $this->film(1.0, $years)->over($ground->inside),
            $this->of->sheen,
            $normal >= self::CLOSES,
        );
    }

    private function film(float $uptake, float $years): FilmOptics
    {
        return $this->worked["$uptake $years"] ??= null === $this->of->flake
            ? FilmOptics::of($this->of->optics->yellowed($this->of->yellows, $years), $this->wet * $this->share * $uptake)
            : FilmOptics::flakes($this->of->flake, 1 - (1 - self::FLAKE_COVERS) ** ($this->wet * $this->share / $this->of->normal));
    }
}
