<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Piece\Shape\Outline;
use Inlaid\Core\Technique\WornPlace;

/**
 * A part as it is painted from the front.
 *
 * Immutable. `kind` its shape and `outline` in mm, null where nobody measured it; `count` how many there are; `face` which of the looks
 * its first face has.
 */
final readonly class PaintedPart
{
    /**
     * @param list<WornPlace> $worn
     */
    public function __construct(
        public string $id,
        public ?string $kind,
        public int $count,
        public ?Outline $outline,
        public array $worn,
        public int $face,
    ) {
    }
}
