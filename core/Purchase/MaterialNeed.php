<?php

declare(strict_types=1);

namespace Inlaid\Core\Purchase;

use Inlaid\Core\Measure\Amount;

/**
 * What the whole recipe takes of one material, which packs cover it and where one smallest pack would run out.
 *
 * Immutable. `amount` and `cost` of what is used as expected; `least`, `most` and `mostCost` where a step is repeated until something is
 * so, the
 * amounts null where that makes no difference. `left` of it on the shelf, null where
 * nobody counts it; `inPots` what is in pots that steps can be laid from, null for none; `toBuy` whether that is not enough for the most,
 * and the packs that cover the rest. The jar that runs out is a new one.
 */
final readonly class MaterialNeed
{
    /**
     * @param list<PackCount> $packs
     */
    public function __construct(
        public string $materialId,
        public string $name,
        public ?string $colour,
        public Amount $amount,
        public ?Amount $least,
        public ?Amount $most,
        public ?Amount $left,
        public ?Amount $inPots,
        public bool $toBuy,
        public array $packs,
        public ?float $cost,
        public ?float $mostCost,
        public ?string $runsOut,
    ) {
    }
}
