<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\RecipeBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/recipes/{id}/revisions', methods: 'POST')]
#[Describe('Save the draft as the next revision', takes: RevisionToPublish::class, gives: RecipeResponse::class, status: 201)]
final readonly class SaveRevision
{
    public function __construct(private RecipeBook $book)
    {
    }

    public function __invoke(string $id, Body $body): RecipeResponse
    {
        [$version, $reason] = $body->read(static fn (Node $n): array => [
            $n->fields('version', 'reason')->int('version'),
            $n->string('reason', 300),
        ]);
        $this->book->publish($id, $version, trim($reason));

        return RecipeResponse::of($this->book->reload($id));
    }
}
