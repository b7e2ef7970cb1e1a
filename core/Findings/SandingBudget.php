<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings;

/**
 * What sanding may take from a part and what it does take: first the old finish, then the wood below.
 *
 * Immutable. µm. `finish` that is there to be sanded, typical of its kind, null where there is none or it is stripped; `veneer` null where
 * the wood is no veneer; what is taken of each as expected, and of the wood with the most rounds.
 */
final readonly class SandingBudget
{
    public function __construct(
        public ?float $finish,
        public float $ofFinish,
        public ?float $veneer,
        public float $ofWood,
        public float $mostOfWood,
    ) {
    }
}
