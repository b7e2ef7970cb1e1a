<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece\Shape;

/**
 * A part as it is seen from the front, in mm.
 *
 * Immutable.
 */
final readonly class Outline
{
    public function __construct(public float $width, public float $height)
    {
    }
}
