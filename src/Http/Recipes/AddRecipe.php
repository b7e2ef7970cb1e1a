<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes;

use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Recipes\Data\AddRecipeRequest;
use Inlaid\App\Http\Recipes\Data\RecipeResponse;
use Inlaid\App\Store\RecipeBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/recipes', methods: 'POST')]
#[Describe('Create a recipe', takes: AddRecipeRequest::class, gives: RecipeResponse::class, status: 201)]
final readonly class AddRecipe
{
    public function __construct(private RecipeBook $book, private ReadRecipe $read)
    {
    }

    public function __invoke(AddRecipeRequest $asked): RecipeResponse
    {
        return RecipeResponse::of($this->book->add($this->read->document($asked->document->json, '/document')));
    }
}
