<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\PageRequest;
use Inlaid\App\Http\Recipes\Data\RecipeList;
use Inlaid\App\Http\Recipes\Data\RecipeSummary;
use Inlaid\App\Store\Entity\StoredRecipe;
use Inlaid\App\Store\RecipeBook;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\Lab;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/recipes', methods: 'GET')]
#[Describe(
    'List or search recipes by title, piece, wood, technique or material, or by finished colour',
    gives: RecipeList::class,
    query: ['query' => 'string', 'archived' => 'boolean', 'near' => 'string', 'page' => 'integer'],
)]
final readonly class ListRecipes
{
    public function __construct(private RecipeBook $book)
    {
    }

    public function __invoke(Request $request): RecipeList
    {
        $page = PageRequest::of($request);
        $near = $request->query->getString('near');
        [$total, $found] = $this->book->search(
            query: $request->query->getString('query'),
            archived: 'true' === $request->query->getString('archived'),
            page: $page,
            near: '' === $near ? null : InvalidInput::around('/near', static fn (): Lab => Lab::of(Colour::of($near))),
        );

        $kept = $this->book->kept($found);

        return new RecipeList(
            total: $total,
            page: $page,
            pageSize: RecipeBook::PAGE,
            recipes: array_map(
                static fn (StoredRecipe $r): RecipeSummary => RecipeSummary::of($r, !\in_array($r->id, $kept, true)),
                $found,
            ),
        );
    }
}
