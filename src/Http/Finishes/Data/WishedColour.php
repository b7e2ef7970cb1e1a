<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Finishes\Data;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Technique\Zone;

/**
 * The colour that a zone is to have.
 */
final readonly class WishedColour
{
    public function __construct(public Zone $zone, public Colour $colour)
    {
    }
}
