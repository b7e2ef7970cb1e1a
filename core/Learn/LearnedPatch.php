<?php

declare(strict_types=1);

namespace Inlaid\Core\Learn;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\ColourDifference;

/**
 * A patch that something was learned from: the colour read of it, as the label makes expect it, and as what was learned does.
 *
 * Immutable.
 */
final readonly class LearnedPatch
{
    public function __construct(
        public string $board,
        public string $patch,
        public Colour $seen,
        public Colour $stated,
        public Colour $learned,
        public ColourDifference $offStated,
        public ColourDifference $offLearned,
    ) {
    }
}
