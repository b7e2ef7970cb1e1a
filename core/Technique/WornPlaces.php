<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * All the places where a part is worn: edges and corners where nobody said otherwise.
 *
 * Immutable.
 */
final readonly class WornPlaces
{
    /**
     * @param list<WornPlace> $places
     */
    public function __construct(public array $places = [WornPlace::Edges, WornPlace::Corners])
    {
    }

    public function ofEdges(): float
    {
        return min(0.9, array_sum(array_map(static fn (WornPlace $p): float => $p->ofEdges(), $this->places)));
    }

    public function ofFlat(): float
    {
        return min(0.5, array_sum(array_map(static fn (WornPlace $p): float => $p->ofFlat(), $this->places)));
    }
}
