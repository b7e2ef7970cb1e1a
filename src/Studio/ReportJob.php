<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\App\Store\Entity\StoredRun;
use Inlaid\App\Store\RunBook;
use Inlaid\Core\Practice\Practices;
use Inlaid\Core\Run\AsMadePreview;
use Inlaid\Core\Run\CompareRun;
use Inlaid\Core\Work\WorkOutSteps;

/**
 * Compares a run as it was made with what its recipe planned, in the usual air of the place where the piece stood.
 */
final readonly class ReportJob
{
    public function __construct(
        private RunBook $runs,
        private StudioContext $context,
        private Practices $practices,
        private PlanBench $plan,
        private CompareRun $compare,
        private WorkOutSteps $steps,
    ) {
    }

    public function compare(StoredRun $run): AsMadePreview
    {
        $context = $this->context->own()->atPlace($run->place);
        $state = $this->runs->state($run);
        $recipe = $this->runs->recipe($run, $state);
        $works = $this->steps->workOut($recipe, $context->climate, $context->habits($this->practices, $recipe));

        return $this->compare->compare(
            recipe: $recipe,
            works: $works,
            acts: $this->plan->acts($run, $state, $context),
            state: $state,
            finished: null !== $run->finishedAt,
            context: $context,
        );
    }
}
