<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
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

    public function __invoke(Body $body): RunResponse
    {
        [$id, $revision, $place, $notBefore, $due, $count] = $body->read(static fn (Node $n): array => [
            $n->fields('recipe', 'revision', 'place', 'notBefore', 'due', 'count')->id('recipe'),
            $n->intOrNull('revision'),
            $n->has('place') ? $n->id('place') : null,
            $n->dayOrNull('notBefore'),
            $n->dayOrNull('due'),
            $n->intOrNull('count'),
        ]);
        $recipe = $this->recipes->get($id);
        $json = Json::decode(null === $revision ? $recipe->draft->document : $this->recipes->revision($id, $revision)->document);
        if (null !== $count && $json instanceof \stdClass && $json->piece instanceof \stdClass) {
            $json->piece->count = $count;
        }
        try {
            $document = $this->read->document($json);
        } catch (InvalidInput $refused) {
            throw null === $count ? $refused : InvalidInput::at('/count', $refused->getMessage());
        }
        if ([] === $document->recipe->steps) {
            throw InvalidInput::at('/recipe', 'This recipe has no steps. Add one first.');
        }

        return $this->describe->one($this->runs->begin($document, $id, $revision, $place, $notBefore, $due));
    }
}
