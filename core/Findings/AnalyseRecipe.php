<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings;

use Inlaid\Core\Context\Context;
use Inlaid\Core\Look\BuildStacks;
use Inlaid\Core\Look\WorkOutFit;
use Inlaid\Core\Practice\Practices;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Schedule\PlanAlone;
use Inlaid\Core\Work\WorkOutSteps;

/**
 * Calculates what the rules judge a recipe by: its steps, layers, schedule and clearances.
 */
final readonly class AnalyseRecipe
{
    public function __construct(
        private Practices $practices,
        private WorkOutSteps $steps = new WorkOutSteps(),
        private PlanAlone $plan = new PlanAlone(),
        private BuildStacks $stacks = new BuildStacks(),
        private WorkOutFit $fit = new WorkOutFit(),
    ) {
    }

    public function analyse(Recipe $recipe, Context $context): RecipeAnalysis
    {
        $habits = $context->habits($this->practices, $recipe);
        $works = $this->steps->workOut($recipe, $context->climate, $habits);
        $planned = $this->plan->plan($recipe, $works, $context);
        $stacks = $this->stacks->build($recipe, $works);

        return new RecipeAnalysis(
            recipe: $recipe,
            works: $works,
            stacks: $stacks,
            joints: $this->fit->fit(
                recipe: $recipe,
                works: $works,
                stacks: $stacks,
                cured: $planned->cured,
                zone: $context->working->zone,
            ),
            planned: $planned,
            habits: $habits,
            context: $context,
        );
    }
}
