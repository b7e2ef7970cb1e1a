<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes;

use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\RecipeBook;
use Inlaid\App\Studio\PaintRecipe;
use Inlaid\Core\Look\Painting;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/recipes/{id}/painting', methods: 'GET')]
#[Describe('Show what is needed to paint the finished piece of a draft', gives: Painting::class)]
final readonly class ShowPainting
{
    public function __construct(private RecipeBook $book, private ReadRecipe $read, private PaintRecipe $paint)
    {
    }

    public function __invoke(string $id): Painting
    {
        return $this->paint->paint($this->read->document(Json::decode($this->book->get($id)->draft->document))->recipe);
    }
}
