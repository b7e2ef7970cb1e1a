<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

use Inlaid\Core\Colour\ReferenceCard;

/**
 * Where something white or grey is in a photo; as it is shown where neither is.
 */
final readonly class PhotoColoursRequest
{
    public function __construct(public ?PhotoSpot $reference = null, public ?ReferenceCard $card = null)
    {
    }
}
