<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

use Inlaid\Core\Colour\Colour;

/**
 * A place within a face that steps can be done to by itself: a repair beside the wood, a board of a top, a square of a door.
 *
 * Immutable. `face` the first of its part where null; `share` of it; `colour` and `drinks` (what the first film takes against one on a
 * sealed ground) where they are not those of the part.
 */
final readonly class Field
{
    private function __construct(
        public string $id,
        public string $name,
        public ?string $face,
        public float $share,
        public ?Colour $colour,
        public ?float $drinks,
    ) {
    }

    /**
     * @throws InvalidPiece if share or thirst cannot be true
     */
    public static function of(
        string $id,
        string $name,
        float $share,
        ?string $face = null,
        ?Colour $colour = null,
        ?float $drinks = null,
    ): self {
        return match (true) {
            $share <= 0.0 || $share > 1.0 => throw InvalidPiece::outOfRange('The share of a field', 'above 0 and up to 100 %'),
            null !== $drinks
                && ($drinks < 0.5 || $drinks > 5.0) => throw InvalidPiece::outOfRange(
                    'The absorbency of a repair',
                    'from 0.5 to 5 × a sealed surface',
                ),
            default => new self(id: $id, name: $name, face: $face, share: $share, colour: $colour, drinks: $drinks),
        };
    }
}
