<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece\Shape;

/**
 * The area of a face in m², and how it was reckoned.
 *
 * Immutable.
 */
final readonly class Measured
{
    public function __construct(public float $area, public string $formula)
    {
    }

    /**
     * From mm².
     */
    public static function squareMillimetres(float $area, string $formula): self
    {
        return new self($area / 1_000_000, $formula);
    }
}
