<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Recipes\Data\RecipeResponse;
use Inlaid\App\Http\Recipes\Data\SaveRevisionRequest;
use Inlaid\App\Store\RecipeBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/recipes/{id}/revisions', methods: 'POST')]
#[Describe('Save the draft as the next revision', takes: SaveRevisionRequest::class, gives: RecipeResponse::class, status: 201)]
final readonly class SaveRevision
{
    public function __construct(private RecipeBook $book)
    {
    }

    public function __invoke(string $id, SaveRevisionRequest $asked): RecipeResponse
    {
        $this->book->publish($id, $asked->version, trim($asked->reason));

        return RecipeResponse::of($this->book->reload($id));
    }
}
