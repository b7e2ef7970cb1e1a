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
    /** The share of a face veneer that may be sanded off. */
    public const MOST = 0.3;

    public function __construct(
        public ?float $finish,
        public float $ofFinish,
        public ?float $veneer,
        public float $ofWood,
        public float $mostOfWood,
    ) {
    }

    /** Is more taken off a veneer than it bears? */
    public function goesThrough(): bool
    {
        return null !== $this->veneer && $this->mostOfWood > self::MOST * $this->veneer;
    }
}
