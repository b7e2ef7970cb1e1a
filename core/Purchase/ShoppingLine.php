<?php

declare(strict_types=1);

namespace Inlaid\Core\Purchase;

use Inlaid\Core\Measure\Amount;

/**
 * What all recipes take of one material with every round there may be, what is left of it, and the packs that cover the rest.
 *
 * Immutable. `left` null where nobody counts it; `inPots` what is in pots for them already, null for none; `short` null where what is left
 * is enough; `enoughFor` the recipes that what is left is enough for, in their
 * order; `notEnoughFor` the others that take it.
 */
final readonly class ShoppingLine
{
    /**
     * @param list<PackCount> $packs
     * @param list<string>    $enoughFor
     * @param list<string>    $notEnoughFor
     */
    public function __construct(
        public string $materialId,
        public string $name,
        public ?string $colour,
        public Amount $need,
        public ?Amount $left,
        public ?Amount $inPots,
        public ?Amount $short,
        public array $packs,
        public ?float $price,
        public array $enoughFor,
        public array $notEnoughFor,
    ) {
    }
}
