<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

use Inlaid\Core\Material\Colour;

/**
 * The ground a finish is built on.
 *
 * Immutable.
 */
final readonly class Substrate
{
    public function __construct(
        public SubstrateKind $kind,
        public string $species,
        public Grain $grain,
        public Ground $ground,
        public Colour $colour,
    ) {
    }

    public function isBareWood(): bool
    {
        return Ground::Bare === $this->ground && !\in_array($this->kind, [SubstrateKind::Laminate, SubstrateKind::Metal], true);
    }

    /**
     * What the first film drinks, against one that lies on a sealed ground. Typical: bare close-grained wood a fifth more,
     * open-grained two fifths, MDF half as much again.
     */
    public function absorption(): float
    {
        return match (true) {
            !$this->isBareWood() => 1.0,
            SubstrateKind::Mdf === $this->kind => 1.5,
            Grain::Open === $this->grain => 1.4,
            default => 1.2,
        };
    }

    /**
     * As it is called: "solid oak", "birch plywood", "iron".
     */
    public function inWords(): string
    {
        return trim(match ($this->kind) {
            SubstrateKind::Solid => 'solid '.$this->species,
            SubstrateKind::Metal => '' === $this->species ? 'metal' : $this->species,
            SubstrateKind::Mdf => 'MDF',
            default => $this->species.' '.$this->kind->value,
        });
    }
}
