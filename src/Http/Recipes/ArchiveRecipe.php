<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Recipes\Data\RecipeResponse;
use Inlaid\App\Store\RecipeBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/recipes/{id}/archive', methods: 'POST')]
#[Describe('Archive a recipe', gives: RecipeResponse::class, status: 200)]
final readonly class ArchiveRecipe
{
    public function __construct(private RecipeBook $book)
    {
    }

    public function __invoke(string $id): RecipeResponse
    {
        return RecipeResponse::of($this->book->archive($id, true));
    }
}
