<?php

declare(strict_types=1);

namespace Inlaid\Core\Surface;

use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Pattern;

/**
 * What a step does to a surface.
 *
 * Immutable. `depth` µm that it takes away in all, and `cuts` so many of them also of wood; `way` what it is placed along; `releases`
 * whether it takes along what lies on a resist; `wipedOn` how porous the ground is on which its share left after wiping holds, null where
 * nothing is wiped off; `goesIn` whether open wood takes up as much of it as it is thirsty; `bleach` what it bleaches with; `conditions`
 * whether it makes the wood drink evenly; `evens` whether it makes thick and thin
 * of the coat below alike; `keys` whether it dulls what is glossy; `seals` whether it lays a film over what was there;
 * `marks` the scratches it leaves.
 */
final readonly class SurfaceStep
{
    /**
     * @param list<Soil> $leaves   behind
     * @param list<Soil> $takesOff
     */
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
        public bool $goesIn = false,
        public ?Bleaching $bleach = null,
        public bool $conditions = false,
        public bool $evens = false,
        public bool $keys = false,
        public bool $seals = false,
        public ?Marks $marks = null,
        public float $cuts = 0.0,
        public array $leaves = [],
        public array $takesOff = [],
    ) {
    }

    /** The same with its film so many times thicker. */
    public function laid(float $times): self
    {
        return $this->with($this->pattern, $this->film?->thicker($times));
    }

    public function with(Pattern $pattern, ?FilmOf $film): self
    {
        return new self(
            id: $this->id,
            effect: $this->effect,
            pattern: $pattern,
            rounds: $this->rounds,
            film: $film,
            depth: $this->depth,
            way: $this->way,
            releases: $this->releases,
            wipedOn: $this->wipedOn,
            goesIn: $this->goesIn,
            bleach: $this->bleach,
            conditions: $this->conditions,
            evens: $this->evens,
            keys: $this->keys,
            seals: $this->seals,
            marks: $this->marks,
            cuts: $this->cuts,
            leaves: $this->leaves,
            takesOff: $this->takesOff,
        );
    }
}
