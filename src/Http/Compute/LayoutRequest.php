<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\RawJson;

/**
 * A layout, and the length and width of a flat face in mm.
 */
final readonly class LayoutRequest
{
    /**
     * @param RawJson $layout schema layout
     */
    public function __construct(public RawJson $layout, public float $length, public float $width)
    {
    }
}
