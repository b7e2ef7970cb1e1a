<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Compute\Data\SolveMixRequest;
use Inlaid\App\Studio\Deadline;
use Inlaid\Core\NextMove\SolveMix;
use Inlaid\Core\NextMove\SolvePreview;
use Inlaid\Core\Recipe\InvalidRecipe;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/mix-for-colour', methods: 'POST')]
#[Describe(
    'Find how much of one part of a mix brings a zone closest to a colour',
    takes: SolveMixRequest::class,
    gives: SolvePreview::class,
)]
final readonly class ComputeMixForColour
{
    private const SECONDS = 6;

    public function __construct(private ReadRecipe $read, private ReadContext $context, private SolveMix $solve)
    {
    }

    public function __invoke(SolveMixRequest $asked): SolvePreview
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
                vary: $asked->vary,
                place: $asked->place,
            ),
        );
    }
}
