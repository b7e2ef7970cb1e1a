<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Colour\Light;

/**
 * Part of a zone where the same films lie.
 *
 * Nothing of it changes; what is seen of it is worked out once. `share` of the zone; `height` how far it stands proud (over 0) or lies low (under 0), −1 to 1; `films` from the wood up; `base` what lies beneath them, and `old` how many µm of an old finish of it. `at` where
 * it lies along the ways that several steps share (from the top, from the rim, from the most worn): from and to, of 0 to 1.
 */
final class Patch
{
    private ?Light $light = null;

    /**
     * @param list<LaidFilm>                     $films
     * @param array<string, array{float, float}> $at
     */
    private function __construct(public readonly float $share, public readonly array $at, public readonly float $height, public readonly array $films, public readonly Ground $base, public readonly float $old, public readonly Ground $bare, public readonly Ground $ground)
    {
    }

    /**
     * @param Ground $bare what comes to light when the old finish is gone
     */
    public static function whole(Ground $base, float $old, Ground $bare): self
    {
        return new self(1.0, [], 0.0, [], $base, $old, $bare, $base);
    }

    /** Only a share of it. */
    public function part(float $share): self
    {
        return new self($this->share * $share, $this->at, $this->height, $this->films, $this->base, $this->old, $this->bare, $this->ground);
    }

    /** Made larger by another that joins it. */
    public function joinedBy(float $share): self
    {
        return new self($this->share + $share, $this->at, $this->height, $this->films, $this->base, $this->old, $this->bare, $this->ground);
    }

    public function lying(string $way, float $from, float $to): self
    {
        return new self($this->share, [$way => [$from, $to]] + $this->at, $this->height, $this->films, $this->base, $this->old, $this->bare, $this->ground);
    }

    public function standing(float $height): self
    {
        return new self($this->share, $this->at, $height, $this->films, $this->base, $this->old, $this->bare, $this->ground);
    }

    public function with(LaidFilm $film): self
    {
        $film = $this->ground->isWood() ? $film->onWood() : $film;

        return new self($this->share, $this->at, $this->height, [...$this->films, $film], $this->base, $this->old, $this->bare, $film->over($this->ground));
    }

    /** The ground itself changed, where nothing lies on it yet: bleached or conditioned. */
    public function on(Ground $base): self
    {
        return new self($this->share, $this->at, $this->height, $this->films, $base, $this->old, $base, $base);
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
        while ([] !== $films && $depth > 0.0) {
            $top = $films[\count($films) - 1];
            array_pop($films);
            if ($top->depth() > $depth) {
                $films[] = $top->leaving(1 - $depth / $top->depth());
            }
            $depth -= min($depth, $top->depth());
        }
        $old = [] === $films ? max(0.0, $this->old - $depth) : $this->old;

        return $this->rebuilt($films, $old)->dulled();
    }

    /** With all gone that lies on a resist, and it too. */
    public function released(): self
    {
        foreach ($this->films as $i => $film) {
            if (ColourantKind::Resist === $film->of->kind) {
                return $this->rebuilt(\array_slice($this->films, 0, $i), $this->old);
            }
        }

        return $this;
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
     * @param list<LaidFilm> $films
     */
    private function rebuilt(array $films, float $old): self
    {
        $ground = $base = $old > 0.0 ? $this->base : $this->bare;
        foreach ($films as $film) {
            $ground = $film->over($ground);
        }

        return new self($this->share, $this->at, $this->height, $films, $base, $old, $this->bare, $ground);
    }

    private function dulled(): self
    {
        return new self($this->share, $this->at, $this->height, $this->films, $this->base, $this->old, $this->bare, $this->ground->dulled());
    }
}
