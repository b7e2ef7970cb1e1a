<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

use Inlaid\Core\Context\Context;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Practice\Practices;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Target;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Work\StepCalculation;
use Inlaid\Core\Work\WorkOutSteps;

/**
 * Brings a recipe nearer to its target by what its own steps can be varied in: no other material, no other step.
 */
final readonly class SettleOnTarget
{
    private const LOOKS = 4000;
    private const PATCHES = 32;
    /** So near nobody sees a difference, ΔE; and a change is made only for so much. */
    private const THERE = 1.0;
    private const WORTH = 0.4;

    public function __construct(
        private Practices $practices,
        private WorkOutSteps $steps = new WorkOutSteps(),
        private SearchLooks $search = new SearchLooks(),
        private BuildSchemeLook $look = new BuildSchemeLook(),
    ) {
    }

    /**
     * @param \Closure(): bool $isOver
     *
     * @return list<Edit> empty where nothing brings it nearer
     */
    public function settle(Recipe $recipe, Target $target, Context $context, \Closure $isOver): array
    {
        $part = array_values(array_filter($recipe->piece->parts, static fn (PiecePart $p): bool => $target->isFor($p->id)))[0] ?? null;
        if (null === $part) {
            return [];
        }
        $face = array_keys($part->surface->faces)[0];
        $habits = $context->habits($this->practices, $recipe);
        $works = $this->steps->doneOn(
            recipe: $recipe,
            climate: $context->climate,
            habits: $habits,
            there: static fn ($step): bool => $step->touchesFace($part, $face),
        );
        $slots = array_filter(array_map(
            static fn (StepCalculation $w): ?Slot => self::shows($w) ? OwnStep::slot($w->step) : null,
            $works,
        ));
        if ([] === $slots) {
            return [];
        }
        $scheme = new Scheme(key: 'own', part: $part, works: $works, slots: $slots);
        $wish = Wish::of($target->colours);
        $look = $this->look->open(
            scheme: $scheme,
            wish: $wish,
            climate: $context->climate,
            habits: $habits,
            patches: self::PATCHES,
        );
        if ($wish->off($look->ends()) <= self::THERE) {
            return [];
        }
        $found = $this->search->search(
            schemes: [$scheme],
            wish: $wish,
            climate: $context->climate,
            habits: $habits,
            isOver: $isOver,
            looks: self::LOOKS,
        )->found[0];

        $look->set($found->choices);
        foreach ($scheme->usual() as $at => $usual) {
            if ($look->costOf([$at => $usual], \INF) <= $look->cost() + self::WORTH) {
                $look->set([$at => $usual]);
            }
        }

        return array_merge(...array_map(
            static fn (int $at): array => OwnStep::edits($scheme->slots[$at], $look->choices()[$at]),
            array_keys($scheme->slots),
        ));
    }

    /** Does it colour, or wear what colours? A clear coat protects, and its coats are not for the look. */
    private static function shows(StepCalculation $work): bool
    {
        return $work->dyes()
            || Effect::TakesAway === $work->step->profile->effect && null === $work->step->detail->grit
            || $work->contains(static fn ($m): bool => null !== $m->look->colour);
    }
}
