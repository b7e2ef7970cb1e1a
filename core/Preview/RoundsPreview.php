<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Inlaid\Core\Measure\Amount;
use Inlaid\Core\Work\Cost;

/**
 * How often a step will be done where that is open: until when, how often at least, as expected and at most, and what that takes.
 *
 * Immutable. `until` in words, null for a step of last resort that is done once; `otherwise` the id of the step of last resort;
 * `onlyIfNot` the id of the step it is the last resort of. Hands-on minutes and money for `least` and `most` rounds; amounts null where
 * nothing is poured.
 */
final readonly class RoundsPreview
{
    public function __construct(
        public ?string $until,
        public ?string $otherwise,
        public ?string $onlyIfNot,
        public int $least,
        public int $expected,
        public int $most,
        public Cost $leastCost,
        public Cost $mostCost,
        public ?Amount $leastNeed,
        public ?Amount $mostNeed,
    ) {
    }
}
