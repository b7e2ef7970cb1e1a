<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

/**
 * Where a piece will stand, the wear it will see, and who comes near it.
 *
 * Immutable.
 */
final readonly class PieceUse
{
    public function __construct(public Place $place = Place::Dry, public Wear $wear = Wear::Light, public bool $food = false, public bool $child = false)
    {
    }
}
