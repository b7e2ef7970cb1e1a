<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece\Shape;

use Inlaid\Core\Layout\Plane;

/**
 * The area of a face in m², and how it was reckoned.
 *
 * Immutable. `plane` where the face is flat and has square corners.
 */
final readonly class Measured
{
    public function __construct(public float $area, public string $formula, public ?Plane $plane = null)
    {
    }

    /**
     * A flat face with square corners, in mm.
     */
    public static function flat(float $length, float $width): self
    {
        return new self($length * $width / 1_000_000, \sprintf('%g × %g mm', $length, $width), Plane::of($length, $width));
    }

    /**
     * From mm².
     */
    public static function squareMillimetres(float $area, string $formula): self
    {
        return new self($area / 1_000_000, $formula);
    }
}
