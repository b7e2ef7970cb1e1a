<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\Core\Recipe\Change;

/**
 * What has changed since a run was made, before it is done again: the recipe, the materials on the shelf, the air; and which pots on the
 * shelf hold what it takes. `looked` holds the colours noted then, `expected` those calculated.
 */
final readonly class RepeatCheck
{
    /**
     * @param list<Change>     $recipe
     * @param list<string>     $materials in words
     * @param list<PotInStock> $pots
     * @param list<string>     $looked    colours that were noted
     * @param list<string>     $expected  colours calculated then
     */
    public function __construct(
        public string $lesson,
        public array $recipe,
        public array $materials,
        public ?string $air,
        public array $pots,
        public array $looked,
        public array $expected,
    ) {
    }
}
