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
     */
    public function __construct(public int $total, public int $page, public int $pageSize, public array $recipes)
    {
    }
}
