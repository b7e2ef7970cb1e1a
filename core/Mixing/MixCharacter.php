<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\Handling;

/**
 * What a mix is when it is laid, derived from what is in it.
 *
 * Immutable. `normalWet` in µm for one normal coat, null where nothing in it makes a film; `solids` and `build` as shares;
 * `thinning` in volumes of thinner to one volume of body, `largestThinning` what its least tolerant body allows; `sheen` null where nothing
 * in it
 * leaves a film that has one.
 */
final readonly class MixCharacter
{
    /**
     * @param list<Carrier> $carriers of everything in it, each once
     */
    public function __construct(
        public ?float $normalWet,
        public float $solids,
        public float $build,
        public float $thinning,
        public ?float $largestThinning,
        public Handling $handling,
        public array $carriers,
        public ?Sheen $sheen,
    ) {
    }

    /** The same, that dries so many times as long as its label says. */
    public function dryingIn(float $times): self
    {
        return 1.0 === $times
            ? $this
            : new self(
                normalWet: $this->normalWet,
                solids: $this->solids,
                build: $this->build,
                thinning: $this->thinning,
                largestThinning: $this->largestThinning,
                handling: $this->handling->dryingIn($times),
                carriers: $this->carriers,
                sheen: $this->sheen,
            );
    }

    /**
     * Do water and oil meet in one pot? They do not mix, and the film breaks.
     */
    public function breaks(): bool
    {
        return \in_array(Carrier::Water, $this->carriers, true) && \in_array(Carrier::Oil, $this->carriers, true);
    }

    /** m² that a litre covers in one normal coat; null where nothing in it makes a film. */
    public function spread(): ?float
    {
        return null === $this->normalWet ? null : 1000 / $this->normalWet;
    }

    public function isOverThinned(): bool
    {
        return null !== $this->largestThinning && $this->thinning > $this->largestThinning + 1e-9;
    }
}
