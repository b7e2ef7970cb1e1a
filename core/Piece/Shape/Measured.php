<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece\Shape;

use Inlaid\Core\Layout\Plane;

/**
 * The area of a face in m², and how it was reckoned.
 *
 * Immutable. `plane` where the face is flat and has square corners; `edges` and `recesses` m of them on it; `slow` how much longer work on
 * it takes than on a flat of the same area, typical.
 */
final readonly class Measured
{
    public function __construct(
        public float $area,
        public string $formula,
        public ?Plane $plane = null,
        public float $edges = 0.0,
        public float $recesses = 0.0,
        public float $slow = 1.0,
    ) {
    }

    /**
     * A flat face with square corners, in mm.
     */
    public static function flat(float $length, float $width): self
    {
        return new self(
            area: $length * $width / 1_000_000,
            formula: \sprintf('%g × %g mm', $length, $width),
            plane: Plane::of($length, $width),
            edges: 2 * ($length + $width) / 1000,
        );
    }

    /**
     * From mm².
     *
     * @param float $edges    mm of them on it
     * @param float $recesses mm of them on it
     * @param float $slow     how much longer work on it takes than on a flat
     */
    public static function squareMillimetres(
        float $area,
        string $formula,
        float $edges = 0.0,
        float $recesses = 0.0,
        float $slow = 1.0,
    ): self {
        return new self(area: $area / 1_000_000, formula: $formula, edges: $edges / 1000, recesses: $recesses / 1000, slow: $slow);
    }

    /** A share of it. */
    public function part(float $share): self
    {
        return $share >= 1.0 ? $this : new self(
            area: $share * $this->area,
            formula: \sprintf('%s × %g %%', $this->formula, round(100 * $share, 1)),
            plane: $this->plane,
            edges: $share * $this->edges,
            recesses: $share * $this->recesses,
            slow: $this->slow,
        );
    }

    /** The same with so many m of mouldings and carving on it. */
    public function moulded(float $recesses): self
    {
        return new self(
            area: $this->area,
            formula: $this->formula,
            plane: $this->plane,
            edges: $this->edges,
            recesses: $recesses,
            slow: $this->slow,
        );
    }
}
