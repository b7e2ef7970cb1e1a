<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

use Inlaid\Core\Colour\SeenColour;

/**
 * The few colours of a photo, the largest first.
 */
final readonly class PhotoColours
{
    /**
     * @param list<SeenColour> $colours
     */
    public function __construct(public array $colours)
    {
    }
}
