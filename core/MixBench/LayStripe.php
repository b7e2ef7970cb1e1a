<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

use Inlaid\Core\Colour\FirstSurface;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Mixing\DeriveCharacter;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Mixing\InvalidMix;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Optics\FindColourant;

/**
 * Brushes a mix out in a stripe.
 */
final readonly class LayStripe
{
    public function __construct(
        private FlattenMix $flatten = new FlattenMix(),
        private DeriveCharacter $derive = new DeriveCharacter(),
        private FindColourant $find = new FindColourant(),
    ) {
    }

    /**
     * @throws InvalidMix if it has no colour
     */
    public function lay(Mixture $mix): StripeFilm
    {
        $flat = $this->flatten->flatten($mix);
        $character = $this->derive->derive($flat);
        $colourant = $this->find->find($flat, $character);
        if (null === $colourant || null === $character->normalWet || null !== $colourant->flake) {
            throw InvalidMix::nothingToLookThrough();
        }

        return new StripeFilm($colourant->optics, $character->normalWet, FirstSurface::of($character->sheen ?? Sheen::Matt));
    }
}
