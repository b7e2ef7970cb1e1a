<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

use Inlaid\Core\Colour\ReferenceCard;

/**
 * A colour to be read from a photo, beside a reference of which it is known what it reflects: "white" paper, a "grey" card, or a share of
 * the light. Without a reference it is taken as it is shown.
 */
final readonly class PickColourRequest
{
    public function __construct(
        public PhotoSpot $patch,
        public ?PhotoSpot $reference = null,
        public ?ReferenceCard $card = null,
        public ?float $reflects = null,
    ) {
    }
}
