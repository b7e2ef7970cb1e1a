<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Compute\Data\ThinningRequest;
use Inlaid\App\Studio\Deadline;
use Inlaid\Core\NextMove\SolvePreview;
use Inlaid\Core\NextMove\SolveThinning;
use Inlaid\Core\Recipe\InvalidRecipe;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/thinning', methods: 'POST')]
#[Describe(
    'Find the thinning and coats of a step that bring a zone closest to a colour',
    takes: ThinningRequest::class,
    gives: SolvePreview::class,
)]
final readonly class ComputeThinning
{
    private const SECONDS = 6;

    public function __construct(private ReadRecipe $read, private ReadContext $context, private SolveThinning $solve)
    {
    }

    public function __invoke(ThinningRequest $asked): SolvePreview
    {
        $recipe = $this->read->document($asked->document->json, '/document')->recipe;
        $context = $this->context->stated($asked->context);
        $step = $recipe->stepsById()[$asked->step]
            ?? throw InvalidInput::at('/step', InvalidRecipe::missing('step', $asked->step)->getMessage());

        return InvalidInput::around(
            '/step',
            fn (): SolvePreview => $this->solve->solve(
                recipe: $recipe,
                step: $step,
                zone: $asked->zone,
                target: $asked->target,
                context: $context,
                isOver: Deadline::in(self::SECONDS),
            ),
        );
    }
}
