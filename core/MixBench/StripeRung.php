<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

use Inlaid\Core\Measure\Amount;

/**
 * What a stripe of one ratio looks like on a black-and-white card, and how likely the pot is so.
 *
 * Immutable. `thinner` parts to one of all the rest, `said` with the rest first; `chance` 0 to 1, null where nothing was seen; `add` how
 * much of what brings such a pot to the ratio that is wanted, null where nothing is to be added or nobody knows how much there is.
 */
final readonly class StripeRung
{
    public function __construct(
        public float $thinner,
        public string $said,
        public string $onBlack,
        public string $onWhite,
        public ?float $chance,
        public ?Amount $add,
        public ?string $of,
    ) {
    }
}
