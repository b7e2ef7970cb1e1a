<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

use Inlaid\Core\Colour\Colour;

/**
 * A patch or filling beside the wood of a part: its colour and its thirst.
 *
 * Immutable. `drinks` as for a part: what the first film takes against one on a sealed ground.
 */
final readonly class Patch
{
    private function __construct(public string $name, public Colour $colour, public float $drinks)
    {
    }

    /**
     * @throws InvalidPiece if the thirst cannot be true
     */
    public static function of(string $name, Colour $colour, float $drinks): self
    {
        return $drinks < 0.5 || $drinks > 5.0
            ? throw InvalidPiece::outOfRange('The absorbency of a repair', 'from 0.5 to 5 × a sealed surface')
            : new self($name, $colour, $drinks);
    }
}
