<?php

declare(strict_types=1);

namespace Inlaid\Core\Surface;

use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Pattern;

/**
 * What a step does to the look of a face.
 *
 * Immutable. `depth` µm that it takes away in all; `way` what it is placed along; `releases` whether it takes along what lies on a resist;
 * `wipedOn` how porous the ground is on which its share left after wiping holds, null where nothing is wiped off; `bleach` what it bleaches
 * with; `conditions` whether it makes the wood drink evenly.
 */
final readonly class SurfaceStep
{
    public function __construct(
        public string $id,
        public Effect $effect,
        public Pattern $pattern,
        public int $rounds,
        public ?FilmOf $film,
        public float $depth,
        public string $way,
        public bool $releases = false,
        public ?float $wipedOn = null,
        public ?Bleaching $bleach = null,
        public bool $conditions = false,
    ) {
    }

    /** The same with its film so many times thicker. */
    public function laid(float $times): self
    {
        return new self(
            id: $this->id,
            effect: $this->effect,
            pattern: $this->pattern,
            rounds: $this->rounds,
            film: $this->film?->thicker($times),
            depth: $this->depth,
            way: $this->way,
            releases: $this->releases,
            wipedOn: $this->wipedOn,
            bleach: $this->bleach,
            conditions: $this->conditions,
        );
    }
}
