<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

/**
 * A round spot: its middle as shares of width and height, its radius as a share of the width.
 */
final readonly class SpotOfPhoto
{
    public function __construct(public float $x, public float $y, public float $radius)
    {
    }
}
