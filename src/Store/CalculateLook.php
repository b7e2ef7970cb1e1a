<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Look\WorkOutLook;
use Inlaid\Core\Practice\Practices;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Surface\ZoneState;
use Inlaid\Core\Work\WorkOutSteps;

/**
 * Calculates how the part with the largest area will look in the end, by the recipe's own practices and in ordinary air: for its card
 * in the book.
 */
final readonly class CalculateLook
{
    public function __construct(
        private Practices $practices,
        private WorkOutSteps $steps = new WorkOutSteps(),
        private WorkOutLook $look = new WorkOutLook(),
    ) {
    }

    /**
     * @return non-empty-array<string, Colour> by zone
     */
    public function calculate(Recipe $recipe): array
    {
        $largest = $recipe->piece->largest(static fn (): bool => true) ?? throw new \LogicException('A piece needs a part.');
        $face = array_key_first($largest->surface->faces);
        $own = $this->steps->doneOn(
            recipe: $recipe,
            climate: Climate::reference(),
            habits: $this->practices->habits([], $recipe->schools),
            there: static fn (Step $s): bool => $s->touchesFace($largest, $face),
        );

        return array_map(
            static fn (array $course): Colour => self::last($course)->mean()->colour(),
            $this->look->look($largest, $own)->course,
        );
    }

    /**
     * @param non-empty-list<ZoneState> $course
     */
    private static function last(array $course): ZoneState
    {
        return $course[\count($course) - 1];
    }
}
