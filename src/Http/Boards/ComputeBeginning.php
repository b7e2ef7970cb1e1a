<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\BeginBoard;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Boards\Data\BeginBoardRequest;
use Inlaid\App\Http\Boards\Data\BeginBoardResponse;
use Inlaid\App\Store\RecipeBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/board/begin', methods: 'POST')]
#[Describe('Make a sample board from a recipe', takes: BeginBoardRequest::class, gives: BeginBoardResponse::class)]
final readonly class ComputeBeginning
{
    public function __construct(private RecipeBook $book, private ReadRecipe $read, private BeginBoard $begin)
    {
    }

    public function __invoke(BeginBoardRequest $asked): BeginBoardResponse
    {
        $recipe = $this->book->get($asked->recipe);
        $document = $this->read->document(Json::decode($recipe->draft->document));

        return new BeginBoardResponse(new RawJson(Json::encode($this->begin->begin(
            recipe: $document,
            from: [$recipe->id, $recipe->title],
            part: $asked->part,
            steps: $asked->steps,
            width: $asked->width,
            height: $asked->height,
            vary: $asked->vary,
            thing: $asked->thing,
        ))));
    }
}
