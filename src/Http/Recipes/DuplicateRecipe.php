<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Recipes\Data\RecipeResponse;
use Inlaid\App\Store\RecipeBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/recipes/{id}/duplicate', methods: 'POST')]
#[Describe('Duplicate the draft as a new recipe', gives: RecipeResponse::class, status: 201)]
final readonly class DuplicateRecipe
{
    public function __construct(private RecipeBook $book)
    {
    }

    public function __invoke(string $id): RecipeResponse
    {
        return RecipeResponse::of($this->book->duplicate($id));
    }
}
