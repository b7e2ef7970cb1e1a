<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes;

use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Recipes\Data\SaveDraftRequest;
use Inlaid\App\Http\Recipes\Data\SaveDraftResponse;
use Inlaid\App\Store\RecipeBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/recipes/{id}/draft', methods: 'PUT')]
#[Describe('Save the draft; 409 with the newer one if it has changed', takes: SaveDraftRequest::class, gives: SaveDraftResponse::class)]
final readonly class SaveDraft
{
    public function __construct(private RecipeBook $book, private ReadRecipe $read)
    {
    }

    public function __invoke(string $id, SaveDraftRequest $asked): SaveDraftResponse
    {
        $document = $this->read->document($asked->document->json, '/document');
        $draft = $this->book->saveDraft($id, $asked->version, $document)->draft;

        return new SaveDraftResponse($draft->version, $draft->savedAt);
    }
}
