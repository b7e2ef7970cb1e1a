<?php

declare(strict_types=1);

namespace Inlaid\Core\Surface;

use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\Light;
use Inlaid\Core\Optics\ColourantKind;

/**
 * Part of a zone where the same films lie.
 *
 * Nothing of it changes; what is seen of it is worked out once. `share` of the zone; `height` how far it stands proud (over 0) or lies low
 * (under 0), −1 to 1; `films` from the wood up; `base` what lies beneath them, and `old` how many µm of an old finish of it. `at` where
 * it lies along the ways that several steps share (from the top, from the rim, from the most worn): from and to, of 0 to 1.
 */
final class Patch
{
    private ?Light $light = null;
    private ?Lab $lab = null;

    /**
     * @param list<LaidFilm>                     $films
     * @param array<string, array{float, float}> $at
     * @param non-empty-list<Ground>             $under what lies under each of the films, and what they all make, as if nothing had
     *                                                  scratched it: when some are taken off it is known what comes to light
     */
    private function __construct(
        public readonly float $share,
        public readonly array $at,
        public readonly float $height,
        public readonly array $films,
        public readonly Ground $base,
        public readonly float $old,
        public readonly Ground $bare,
        public readonly Ground $ground,
        private readonly array $under,
    ) {
    }

    /**
     * @param Ground $bare what comes to light when the old finish is gone
     */
    public static function whole(Ground $base, float $old, Ground $bare): self
    {
        return new self(share: 1.0, at: [], height: 0.0, films: [], base: $base, old: $old, bare: $bare, ground: $base, under: [$base]);
    }

    /** Only a share of it. */
    public function part(float $share): self
    {
        return new self(
            share: $this->share * $share,
            at: $this->at,
            height: $this->height,
            films: $this->films,
            base: $this->base,
            old: $this->old,
            bare: $this->bare,
            ground: $this->ground,
            under: $this->under,
        );
    }

    /** Made larger by another that joins it. */
    public function joinedBy(float $share): self
    {
        return new self(
            share: $this->share + $share,
            at: $this->at,
            height: $this->height,
            films: $this->films,
            base: $this->base,
            old: $this->old,
            bare: $this->bare,
            ground: $this->ground,
            under: $this->under,
        );
    }

    public function lying(string $way, float $from, float $to): self
    {
        return new self(
            share: $this->share,
            at: [$way => [$from, $to]] + $this->at,
            height: $this->height,
            films: $this->films,
            base: $this->base,
            old: $this->old,
            bare: $this->bare,
            ground: $this->ground,
            under: $this->under,
        );
    }

    public function standing(float $height): self
    {
        return new self(
            share: $this->share,
            at: $this->at,
            height: $height,
            films: $this->films,
            base: $this->base,
            old: $this->old,
            bare: $this->bare,
            ground: $this->ground,
            under: $this->under,
        );
    }

    public function with(LaidFilm $film): self
    {
        $film = $this->ground->isWood() ? $film->onWood() : $film;

        $under = $this->under;
        $ground = $film->over($this->ground);
        $before = $under[\count($under) - 1];
        $under[] = $before === $this->ground || $film->hasOwnSurface() ? $ground : $film->over($before);

        return new self(
            share: $this->share,
            at: $this->at,
            height: $this->height,
            films: [...$this->films, $film],
            base: $this->base,
            old: $this->old,
            bare: $this->bare,
            ground: $ground,
            under: $under,
        );
    }

    /** The ground itself changed, where nothing lies on it yet: bleached or conditioned. */
    public function on(Ground $base): self
    {
        return new self(
            share: $this->share,
            at: $this->at,
            height: $this->height,
            films: $this->films,
            base: $base,
            old: $this->old,
            bare: $base,
            ground: $base,
            under: [$base],
        );
    }

    public function isBare(): bool
    {
        return [] === $this->films && $this->old <= 0.0;
    }

    /**
     * With so many µm taken off from above: films, then what an old finish there is.
     */
    public function without(float $depth): self
    {
        if ($depth <= 0.0) {
            return $this;
        }
        $films = $this->films;
        $whole = \count($films);
        while ($whole > 0 && $depth > 0.0) {
            $top = $films[$whole - 1];
            if ($top->depth() > $depth) {
                return $this->cutTo($whole - 1, $top->leaving(1 - $depth / $top->depth()), $this->old)->dulled();
            }
            $depth -= $top->depth();
            --$whole;
        }

        return $this->cutTo($whole, null, 0 === $whole ? max(0.0, $this->old - $depth) : $this->old)->dulled();
    }

    /** With all gone that lies on a resist, and it too. */
    public function released(): self
    {
        foreach ($this->films as $i => $film) {
            if (ColourantKind::Resist === $film->of->kind) {
                return $this->cutTo($i, null, $this->old);
            }
        }

        return $this;
    }

    public function lab(): Lab
    {
        return $this->lab ??= Lab::ofLight($this->light());
    }

    /** Will whatever is done to it look the same as on another, which was made otherwise? */
    public function endsAs(self $other): bool
    {
        return abs($this->share - $other->share) < 1e-9
            && $this->height === $other->height
            && $this->at === $other->at
            && $this->ground->isAs($other->ground);
    }

    /** What is seen of it, after so many years. */
    public function light(float $years = 0.0): Light
    {
        if (0.0 === $years) {
            return $this->light ??= $this->ground->light();
        }
        $ground = $this->base;
        foreach ($this->films as $film) {
            $ground = $film->over($ground, $years);
        }

        return $ground->light();
    }

    /**
     * @param int           $whole films that stay whole, from below
     * @param LaidFilm|null $rest  what stays of the next
     * @param float         $old   µm that stay of an old finish
     */
    private function cutTo(int $whole, ?LaidFilm $rest, float $old): self
    {
        $films = \array_slice($this->films, 0, $whole);
        $base = $old > 0.0 ? $this->base : $this->bare;
        $under = 0 === $whole ? [$base] : \array_slice($this->under, 0, $whole + 1);
        if (null !== $rest) {
            $films[] = $rest;
            $under[] = $rest->over($under[$whole]);
        }
        \assert([] !== $under);

        return new self(
            share: $this->share,
            at: $this->at,
            height: $this->height,
            films: $films,
            base: $base,
            old: $old,
            bare: $this->bare,
            ground: $under[\count($under) - 1],
            under: $under,
        );
    }

    private function dulled(): self
    {
        return new self(
            share: $this->share,
            at: $this->at,
            height: $this->height,
            films: $this->films,
            base: $this->base,
            old: $this->old,
            bare: $this->bare,
            ground: $this->ground->dulled(),
            under: $this->under,
        );
    }
}
