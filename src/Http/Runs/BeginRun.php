<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Runs\Data\RunResponse;
use Inlaid\App\Http\Runs\Data\StartJobRequest;
use Inlaid\App\Store\RecipeBook;
use Inlaid\App\Store\RunBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs', methods: 'POST')]
#[Describe('Start a job from a recipe', takes: StartJobRequest::class, gives: RunResponse::class, status: 201)]
final readonly class BeginRun
{
    public function __construct(
        private RunBook $runs,
        private RecipeBook $recipes,
        private ReadRecipe $read,
        private DescribeRuns $describe,
    ) {
    }

    public function __invoke(StartJobRequest $asked): RunResponse
    {
        $recipe = $this->recipes->get($asked->recipe);
        $json = Json::decode(
            null === $asked->revision ? $recipe->draft->document : $this->recipes->revision($recipe->id, $asked->revision)->document,
        );
        if (null !== $asked->count && $json instanceof \stdClass && $json->piece instanceof \stdClass) {
            $json->piece->count = $asked->count;
        }
        try {
            $document = $this->read->document($json);
        } catch (InvalidInput $refused) {
            throw null === $asked->count ? $refused : InvalidInput::at('/count', $refused->getMessage());
        }
        if ([] === $document->recipe->steps) {
            throw InvalidInput::at('/recipe', 'This recipe has no steps. Add one first.');
        }

        return $this->describe->one($this->runs->begin(
            document: $document,
            recipeId: $recipe->id,
            revision: $asked->revision,
            place: $asked->place,
            notBefore: $asked->notBefore,
            due: $asked->due,
        ));
    }
}
