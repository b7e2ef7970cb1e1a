<?php

declare(strict_types=1);

namespace Inlaid\Core\NextMove;

/**
 * One ratio and number of coats, and where that ends.
 *
 * Immutable. `ratio` parts to one of the rest, `said` with the rest first; `shares` of the parts of the mix, in its order, exact; `over`
 * whether its label allows less.
 */
final readonly class SolveRung
{
    /**
     * @param list<string> $shares
     */
    public function __construct(
        public float $ratio,
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
