<?php

declare(strict_types=1);

namespace Inlaid\Core\Batch;

use Inlaid\Core\Measure\Amount;
use Inlaid\Core\Mixing\Ingredient;

/**
 * What goes into the cup for a step: the mix, how much is needed, the batches and their marks.
 *
 * Immutable. `need` is for all coats; where the pot does not keep from one to the next, there are several `mixes`.
 * `thinning` in volumes of thinner to one of body.
 */
final readonly class PourPreview
{
    /**
     * @param list<Ingredient>          $ingredients
     * @param list<Amount>              $taken       from the pot, coat by coat
     * @param non-empty-list<PouredMix> $mixes
     * @param list<string>              $making      in which order it is made, where that matters
     * @param list<PotOffered>          $pots        on the shelf that hold it already
     */
    public function __construct(
        public string $name,
        public ?string $words,
        public array $ingredients,
        public Amount $need,
        public array $taken,
        public array $mixes,
        public float $thinning,
        public ?float $largestThinning,
        public ?float $cost,
        public array $making,
        public array $pots,
    ) {
    }
}
