<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

use Inlaid\Core\Colour\ColourDifference;
use Inlaid\Core\Measure\Amount;

/**
 * A mix near a target: its parts in small whole numbers, what it looks like at full strength, and how it differs from the target.
 *
 * Immutable. `price` of as much of it as was asked for, null where one is not known.
 */
final readonly class MatchFound
{
    /**
     * @param list<MatchPart> $parts
     * @param list<Amount>    $amounts of each, in as much of the mix as was asked for
     */
    public function __construct(
        public string $words,
        public array $parts,
        public array $amounts,
        public string $colour,
        public ColourDifference $off,
        public ?float $price,
    ) {
    }
}
