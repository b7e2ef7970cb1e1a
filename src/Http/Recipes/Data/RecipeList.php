<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes\Data;

/**
 * One page of recipes.
 */
final readonly class RecipeList
{
    /**
     * @param list<RecipeSummary> $recipes
     * @param list<Facet>         $woods   of the whole book, or of all that is archived
     * @param list<Facet>         $ways    the techniques that colour them
     */
    public function __construct(
        public int $total,
        public int $page,
        public int $pageSize,
        public array $recipes,
        public array $woods,
        public array $ways,
    ) {
    }
}
