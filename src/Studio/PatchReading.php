<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\App\Store\PhotoLine;
use Inlaid\Core\Colour\ColourDifference;

/**
 * What was read of a patch, with its photos; `offTarget` how it differs from the target of the board.
 */
final readonly class PatchReading
{
    /**
     * @param list<PhotoLine> $photos
     */
    public function __construct(
        public string $patch,
        public ?string $colour,
        public ?string $how,
        public ?string $photo,
        public string $note,
        public ?int $rating,
        public array $photos,
        public ?ColourDifference $offTarget,
    ) {
    }
}
