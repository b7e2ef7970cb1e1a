<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\PageRequest;
use Inlaid\App\Http\Api\RecipesAsked;
use Inlaid\App\Http\Recipes\Data\RecipeList;
use Inlaid\App\Http\Recipes\Data\RecipeSummary;
use Inlaid\App\Store\Entity\StoredRecipe;
use Inlaid\App\Store\RecipeBook;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/recipes', methods: 'GET')]
#[Describe(
    'List or search recipes by title, piece, wood, technique or material, or by finished colour; sorted by `order`: changed, used or title',
    gives: RecipeList::class,
    query: [
        'query' => 'string',
        'archived' => 'boolean',
        'near' => 'string',
        'wood' => 'string',
        'how' => 'string',
        'order' => 'string',
        'page' => 'integer',
    ],
)]
final readonly class ListRecipes
{
    public function __construct(private RecipeBook $book)
    {
    }

    public function __invoke(Request $request): RecipeList
    {
        $page = PageRequest::of($request);
        $for = RecipesAsked::of($request);
        [$total, $found] = $this->book->search($for, $page);
        $kept = $this->book->kept($found);
        $used = $this->book->used($found);

        return new RecipeList(
            total: $total,
            page: $page,
            pageSize: RecipeBook::PAGE,
            recipes: array_map(
                static fn (StoredRecipe $r): RecipeSummary => RecipeSummary::of($r, !\in_array($r->id, $kept, true), $used[$r->id] ?? null),
                $found,
            ),
        );
    }
}
