<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

use Inlaid\Core\Colour\FilmOptics;
use Inlaid\Core\Colour\FirstSurface;
use Inlaid\Core\Colour\Light;
use Inlaid\Core\Colour\Optics;
use Inlaid\Core\Colour\Spectrum;

/**
 * A mix as it is brushed out in one coat.
 *
 * Immutable. `wet` in µm.
 */
final readonly class StripeFilm
{
    public function __construct(private Optics $optics, private float $wet, private FirstSurface $surface)
    {
    }

    /**
     * What is below it, seen inside its own surface.
     *
     * @param float $times as thick as one brushed coat
     */
    public function over(Spectrum $inside, float $times = 1.0): Spectrum
    {
        return FilmOptics::of($this->optics, $times * $this->wet)->over($inside);
    }

    /** What is seen of it on a ground. */
    public function light(Spectrum $inside, float $times = 1.0): Light
    {
        return $this->surface->light($this->over($inside, $times));
    }
}
