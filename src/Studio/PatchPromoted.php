<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\App\Exchange\Document\RecipeDocument;
use Inlaid\App\Store\Entity\StoredRecipe;
use Inlaid\Core\Recipe\Change;

/**
 * What becomes of a recipe when a patch is taken into it.
 *
 * Immutable. `leftBehind` what holds for the board only.
 */
final readonly class PatchPromoted
{
    /**
     * @param list<Change> $changes
     * @param list<string> $leftBehind
     */
    public function __construct(
        public StoredRecipe $recipe,
        public RecipeDocument $document,
        public array $changes,
        public array $leftBehind,
    ) {
    }
}
