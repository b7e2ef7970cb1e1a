<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\StepCalculation;

/**
 * Grain is brushed after it was sealed.
 */
final class GrainOpenedTooLate implements Rule
{
    public function key(): string
    {
        return 'grain-opened-too-late';
    }

    public function name(): string
    {
        return 'Grain is brushed after it was sealed';
    }

    public function reason(): string
    {
        return 'A brush opens the pores of bare wood. Through a coat or filler it only scratches and pulls filler out.';
    }

    public function source(): string
    {
        return 'Finishing practice for open-pored wood.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (!RecipeAnalysis::can($work, Ability::OpensGrain)) {
                continue;
            }
            foreach ($whole->recipe->partsOf($work->step) as $part) {
                $closed = RecipeAnalysis::first(
                    $whole->before($work, $part),
                    static fn (StepCalculation $w): bool => RecipeAnalysis::can($w, Ability::Fills),
                ) ?? $this->closedBy($whole, $work, $part);
                if (null === $closed) {
                    continue;
                }
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Warn,
                    steps: [$work->step->id, $closed->step->id],
                    why: \sprintf('“%s” comes after “%s” has closed the pores.', $work->step->name(), $closed->step->name()),
                    remedies: [
                        new Remedy(
                            'before',
                            \sprintf('Brush the grain before “%s”', $closed->step->name()),
                            Edit::move($work->step->id, $closed->step->id),
                        ),
                    ],
                );
                break;
            }
        }
    }

    /** What closed pores that nothing had opened before; a light brush through one thin seal clears those that were open. */
    private function closedBy(RecipeAnalysis $whole, StepCalculation $work, PiecePart $part): ?StepCalculation
    {
        foreach ($whole->met($work, $part) as $met) {
            $by = $met->opensPores() ? null : $whole->work($met->top(Zone::Pore));
            if (null !== $by) {
                return $by;
            }
        }

        return null;
    }
}
