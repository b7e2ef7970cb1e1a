<?php

declare(strict_types=1);

namespace Inlaid\Core\NextMove;

/**
 * One thinning and number of coats, and where that ends.
 *
 * Immutable. `thinner` parts to one of the rest; `shares` of the parts of the mix, in its order, exact; `over` whether its label allows
 * less.
 */
final readonly class SolveRung
{
    /**
     * @param list<string> $shares
     */
    public function __construct(
        public float $thinner,
        public string $said,
        public array $shares,
        public int $coats,
        public string $colour,
        public float $deltaE,
        public string $inWords,
        public bool $over,
    ) {
    }
}
