<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Deadline;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\StudioContext;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\NextMove\SolvePreview;
use Inlaid\Core\NextMove\SolveThinning;
use Inlaid\Core\Recipe\InvalidRecipe;
use Inlaid\Core\Technique\Zone;
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

    public function __construct(private ReadRecipe $read, private StudioContext $context, private SolveThinning $solve)
    {
    }

    public function __invoke(Body $body): SolvePreview
    {
        [$json, $step, $zone, $target, $stated] = $body->read(static fn (Node $n): array => [
            $n->fields('document', 'step', 'zone', 'target', 'context')->child('document')->raw(),
            $n->string('step', 64),
            $n->enumOrNull('zone', Zone::class) ?? Zone::Field,
            $n->make(static fn (): Colour => Colour::of($n->string('target', 20)), 'target'),
            $n->childOrNull('context')?->raw(),
        ]);
        $recipe = $this->read->document($json, '/document')->recipe;
        [$context] = $this->context->with($stated);
        $found = $recipe->stepsById()[$step] ?? throw InvalidInput::at('/step', InvalidRecipe::missing('step', $step)->getMessage());

        return InvalidInput::around(
            '/step',
            fn (): SolvePreview => $this->solve->solve($recipe, $found, $zone, $target, $context, Deadline::in(self::SECONDS)),
        );
    }
}
