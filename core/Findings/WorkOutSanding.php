<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings;

use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\Scenario;
use Inlaid\Core\Surface\LaidSurface;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\StepCalculation;

/**
 * Asks the surface what sanding takes from a part: the budget of an old finish and of a veneer.
 *
 * Further rounds than expected take as much again of what is bare when they come, first of what is left of the old finish.
 */
final class WorkOutSanding
{
    /** µm that nobody notices. */
    private const SOME = 0.05;

    public function budget(RecipeAnalysis $whole, PiecePart $part): SandingBudget
    {
        $finish = $wood = $most = 0.0;
        $stripped = false;
        foreach ($whole->stacksOf($part) as $stack) {
            $surface = $stack->laid();
            $sanded = $further = 0.0;
            foreach (self::taking($surface) as $i => [$ofFinish]) {
                $doing = $surface->doings[$i];
                if ($doing->cuts <= 0.0) {
                    $stripped = $stripped || $ofFinish > self::SOME;
                    continue;
                }
                $sanded += $ofFinish;
                $work = $whole->work($doing->id);
                $further += null === $work || '' !== $surface->met($i)->top(Zone::Field)
                    ? 0.0
                    : $work->removes(Scenario::Most) - $work->removes();
            }
            $end = $surface->met(\count($surface->doings));
            $finish = max($finish, $sanded);
            $wood = max($wood, $end->worn());
            $most = max($most, $end->worn() + max(0.0, $further - $end->oldLeft()));
        }
        $veneer = $part->substrate->faceVeneer();

        return new SandingBudget(
            finish: $stripped ? null : $part->finish->kind->thickness(),
            ofFinish: round($finish, 1),
            veneer: null === $veneer ? null : 1000 * $veneer,
            ofWood: round($wood, 1),
            mostOfWood: round($most, 1),
        );
    }

    /**
     * The steps that sand what is there: the old finish, or the wood.
     *
     * @return list<StepCalculation> in order
     */
    public function sanding(RecipeAnalysis $whole, PiecePart $part): array
    {
        $found = [];
        foreach ($whole->stacksOf($part) as $stack) {
            foreach (self::taking($stack->laid()) as $i => [$ofFinish, $ofWood]) {
                $doing = $stack->laid()->doings[$i];
                $work = $doing->cuts > 0.0 && $ofFinish + $ofWood > self::SOME ? $whole->work($doing->id) : null;
                if (null !== $work) {
                    $found[$work->number] = $work;
                }
            }
        }
        ksort($found);

        return array_values($found);
    }

    /**
     * @return iterable<int, array{float, float}> µm of the old finish and of the wood that each step takes which takes anything away
     */
    private static function taking(LaidSurface $surface): iterable
    {
        foreach ($surface->doings as $i => $doing) {
            if (Effect::TakesAway === $doing->effect) {
                [$before, $after] = [$surface->met($i), $surface->met($i + 1)];
                yield $i => [$before->oldLeft() - $after->oldLeft(), $after->worn() - $before->worn()];
            }
        }
    }
}
