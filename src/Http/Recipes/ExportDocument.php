<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes;

use Inlaid\App\Exchange\Json;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\RecipeBook;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/recipes/{id}/document', methods: 'GET')]
#[Describe('Export the draft as a file', gives: 'recipe')]
final readonly class ExportDocument
{
    public function __construct(private RecipeBook $book)
    {
    }

    public function __invoke(string $id): Response
    {
        $recipe = $this->book->get($id);
        $name = trim(preg_replace('/[^a-z0-9]+/', '-', strtolower($recipe->title)) ?? '', '-');

        return new Response(Json::encode(Json::decode($recipe->draft->document), true)."\n", 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => HeaderUtils::makeDisposition(
                HeaderUtils::DISPOSITION_ATTACHMENT,
                ('' === $name ? 'recipe' : $name).'.inlaid.json',
            ),
        ]);
    }
}
