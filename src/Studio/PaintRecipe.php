<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\Core\Look\BuildStacks;
use Inlaid\Core\Look\Painting;
use Inlaid\Core\Practice\Practices;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Work\WorkOutSteps;

/**
 * What is needed to paint the piece of a recipe as it will look in this studio.
 */
final readonly class PaintRecipe
{
    public function __construct(
        private StudioContext $context,
        private Practices $practices,
        private WorkOutSteps $steps,
        private BuildStacks $stacks,
    ) {
    }

    public function paint(Recipe $recipe): Painting
    {
        $context = $this->context->with(null)[0];
        $works = $this->steps->workOut($recipe, $context->climate, $context->habits($this->practices, $recipe));

        return Painting::of($recipe->piece, $this->stacks->build($recipe, $works));
    }
}
