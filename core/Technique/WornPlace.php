<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * Where hands, feet and time wear a part.
 */
enum WornPlace: string
{
    case Edges = 'edges';
    case Corners = 'corners';
    case Handle = 'handle';
    case Feet = 'feet';
    case Rims = 'rims';

    public function inWords(): string
    {
        return match ($this) {
            self::Edges => 'along the edges',
            self::Corners => 'at the corners',
            self::Handle => 'round the handle',
            self::Feet => 'at the feet',
            self::Rims => 'along the rims',
        };
    }

    /** The share of the edges of a part that is worn so; typical of a piece of some age. */
    public function ofEdges(): float
    {
        return match ($this) {
            self::Edges => 0.5, self::Rims => 0.3, self::Corners => 0.15, self::Feet => 0.1, self::Handle => 0.0,
        };
    }

    /** And of its flat. */
    public function ofFlat(): float
    {
        return match ($this) {
            self::Edges, self::Rims => 0.01, self::Corners => 0.015, self::Feet => 0.03, self::Handle => 0.04,
        };
    }
}
