<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes;

use Inlaid\App\Exchange\Document\UpcastRecipe;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Recipes\Data\RevisionResponse;
use Inlaid\App\Http\Recipes\Data\RevisionSummary;
use Inlaid\App\Store\RecipeBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/recipes/{id}/revisions/{number}', methods: 'GET', requirements: ['number' => '\d{1,9}'])]
#[Describe('Open a revision', gives: RevisionResponse::class)]
final readonly class OpenRevision
{
    public function __construct(private RecipeBook $book)
    {
    }

    public function __invoke(string $id, int $number): RevisionResponse
    {
        $revision = $this->book->revision($id, $number);

        return new RevisionResponse(RevisionSummary::of($revision), (new UpcastRecipe())->today($revision->document));
    }
}
