<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Material\Bleed;

/**
 * The material a part is made of.
 *
 * Immutable. `veneer` is the thickness of the face veneer in mm, null where there is none; `moves` how much it swells across
 * the grain, in % of its width for each % of moisture it takes up.
 */
final readonly class Substrate
{
    private const THIN_VENEER = 0.5;

    /**
     * @param list<Bleed> $bleeds what is known to rise from it
     */
    private function __construct(
        public SubstrateKind $kind,
        public string $species,
        public Grain $grain,
        public Colour $colour,
        public ?float $veneer,
        public array $bleeds,
        public float $moves,
    ) {
    }

    /**
     * @param list<Bleed> $bleeds
     *
     * @throws InvalidPiece if a figure cannot be true
     */
    public static function of(
        SubstrateKind $kind,
        string $species,
        Grain $grain,
        Colour $colour,
        ?float $veneer = null,
        array $bleeds = [],
        ?float $moves = null,
    ): self {
        if (null !== $veneer && ($veneer < 0.1 || $veneer > 6.0)) {
            throw InvalidPiece::outOfRange('The thickness of a veneer', 'between 0.1 and 6 mm');
        }
        if (null !== $moves && ($moves < 0.0 || $moves > 0.6)) {
            throw InvalidPiece::outOfRange('Swelling across the grain', 'between 0 and 0.6 % for each % of moisture');
        }

        return new self(
            kind: $kind,
            species: $species,
            grain: $grain,
            colour: $colour,
            veneer: $veneer,
            bleeds: $bleeds,
            moves: $moves ?? $kind->moves(),
        );
    }

    /** A repair in it, of another colour. */
    public function coloured(Colour $colour): self
    {
        return new self(
            kind: $this->kind,
            species: $this->species,
            grain: $this->grain,
            colour: $colour,
            veneer: $this->veneer,
            bleeds: $this->bleeds,
            moves: $this->moves,
        );
    }

    /** The face veneer in mm: 0.5 where nobody measured it; null where it is no veneer. */
    public function faceVeneer(): ?float
    {
        return $this->veneer ?? (SubstrateKind::Veneer === $this->kind ? self::THIN_VENEER : null);
    }

    public function drinksAtAll(): bool
    {
        return !\in_array($this->kind, [SubstrateKind::Laminate, SubstrateKind::Metal], true);
    }

    /**
     * What the first film on the bare material takes, against one that lies on a sealed ground. Typical: close-grained wood
     * a fifth more, open-grained two fifths, MDF half as much again.
     */
    public function absorption(): float
    {
        return match (true) {
            !$this->drinksAtAll() => 1.0,
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
