<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\App\Http\Api\Document;

/**
 * A layout, and the length and width of a flat face in mm.
 */
final readonly class LayoutRequest
{
    /**
     * @param Document $layout schema layout
     */
    public function __construct(public Document $layout, public float $length, public float $width)
    {
    }
}
