<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

/**
 * What the whole recipe takes of one material, which packs cover it and where one smallest pack would run out.
 *
 * Immutable. `amount` and `cost` of what is used as expected; `least`, `most` and `mostCost` where a step is repeated until something is so, the
 * amounts null where that makes no difference. The packs, and the jar that runs out, are for the most.
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
        public array $packs,
        public ?float $cost,
        public ?float $mostCost,
        public ?string $runsOut,
    ) {
    }
}
