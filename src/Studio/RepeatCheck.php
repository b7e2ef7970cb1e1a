<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\Core\Recipe\Change;

/**
 * What has changed since a run was made, before it is done again: the recipe, the materials on the shelf, the air; and which pots on the
 * shelf hold what it takes. `looked` is what was seen of it then, by zone as far as it was noted, and how it is reckoned to look.
 */
final readonly class RepeatCheck
{
    /**
     * @param list<Change>     $recipe
     * @param list<string>     $materials in words
     * @param list<PotInStock> $pots
     * @param list<string>     $looked    colours that were noted
     * @param list<string>     $reckoned  flat, edges, recesses and pores of the largest face
     */
    public function __construct(
        public string $lesson,
        public array $recipe,
        public array $materials,
        public ?string $air,
        public array $pots,
        public array $looked,
        public array $reckoned,
    ) {
    }
}
