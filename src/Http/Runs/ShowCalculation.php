<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Exchange\WorkedOut;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\RunBook;
use Inlaid\App\Studio\StudioContext;
use Inlaid\Core\Preview\PreviewRecipe;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Run\RunState;
use Inlaid\Core\Run\WorkDone;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}/calculation', methods: 'GET')]
#[Describe('Calculate the recipe of a job; or as made, from its entries', gives: WorkedOut::class, query: ['made' => 'boolean'])]
final readonly class ShowCalculation
{
    public function __construct(private RunBook $runs, private StudioContext $context, private PreviewRecipe $preview)
    {
    }

    public function __invoke(string $id, Request $request): WorkedOut
    {
        $run = $this->runs->get($id);
        $state = $this->runs->state($run);
        $recipe = $this->runs->recipe($run, $state);
        $recipe = $request->query->getBoolean('made') ? self::made($recipe, $state) : $recipe;
        [$context, $whole] = $this->context->atPlace($run->place);

        return new WorkedOut($whole, $this->preview->preview($recipe, $context));
    }

    /** With the steps that were done, as often as they were. */
    private static function made(Recipe $recipe, RunState $state): Recipe
    {
        $steps = [];
        foreach ($recipe->steps as $step) {
            $coats = array_unique(array_map(
                static fn (WorkDone $w): int => $w->coat,
                array_filter(
                    $state->works,
                    static fn (WorkDone $w): bool => $w->step === Step::documentId($step->id) && null !== $w->finished,
                ),
            ));
            if ([] !== $coats) {
                $steps[] = $step->withRounds(\count($coats));
            }
        }

        return $recipe->withSteps($steps);
    }
}
