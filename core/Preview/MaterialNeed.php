<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

/**
 * What the whole recipe takes of one material, which packs cover it and where one smallest pack would run out.
 *
 * Immutable. `cost` of what is used, not of what is bought.
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
        public array $packs,
        public ?float $cost,
        public ?string $runsOut,
    ) {
    }
}
