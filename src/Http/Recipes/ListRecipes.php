<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\PageAsked;
use Inlaid\App\Store\RecipeBook;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/recipes', methods: 'GET')]
#[Describe('List or search recipes by words of their title, piece, wood, technique or material', gives: RecipeList::class, query: ['query' => 'string', 'archived' => 'boolean', 'page' => 'integer'])]
final readonly class ListRecipes
{
    public function __construct(private RecipeBook $book)
    {
    }

    public function __invoke(Request $request): RecipeList
    {
        $page = PageAsked::of($request);
        [$total, $found] = $this->book->search($request->query->getString('query'), 'true' === $request->query->getString('archived'), $page);

        return new RecipeList($total, $page, RecipeBook::PAGE, array_map(RecipeSummary::of(...), $found));
    }
}
