<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Compute\Data\NextStepRequest;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\App\Studio\Deadline;
use Inlaid\Core\NextMove\WhereFromHere;
use Inlaid\Core\NextMove\WherePreview;
use Inlaid\Core\Recipe\InvalidRecipe;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/next-step', methods: 'POST')]
#[Describe(
    'Suggest the next steps from a half-done finish to its target, with the materials on the shelf',
    takes: NextStepRequest::class,
    gives: WherePreview::class,
)]
final readonly class SuggestNextStep
{
    private const SECONDS = 3;
    private const AT_LAST = 5;

    public function __construct(
        private ReadRecipe $read,
        private ReadContext $context,
        private MaterialShelf $shelf,
        private WhereFromHere $where,
    ) {
    }

    public function __invoke(NextStepRequest $asked): WherePreview
    {
        $recipe = $this->read->document($asked->document->json, '/document')->recipe;
        $context = $this->context->stated($asked->context);
        if (null !== $asked->done && !isset($recipe->stepsById()[$asked->done])) {
            throw InvalidInput::at('/done', InvalidRecipe::missing('step', $asked->done)->getMessage());
        }

        return InvalidInput::around(
            '/document/target',
            fn (): WherePreview => $this->where->find(
                recipe: $recipe,
                done: $asked->done,
                shelf: array_values($this->shelf->byId()),
                context: $context,
                isOver: Deadline::in(self::SECONDS),
                isLate: Deadline::in(self::AT_LAST),
            ),
        );
    }
}
