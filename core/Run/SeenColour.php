<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\ColourDifference;
use Inlaid\Core\Technique\Zone;

/**
 * A colour that was seen after a step, against the one that was to be expected by then.
 *
 * Immutable. `at` in seconds since 1970.
 */
final readonly class SeenColour
{
    public function __construct(
        public string $step,
        public string $name,
        public Zone $zone,
        public Colour $seen,
        public Colour $expected,
        public ColourDifference $apart,
        public int $at,
    ) {
    }
}
