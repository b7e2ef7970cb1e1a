<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Work\StepCalculation;

/**
 * Grain is brushed after it was sealed.
 */
final class GrainOpenedTooLate implements Rule
{
    /** A sealer that still leaves the pores open when dry, µm: one coat of a thinned one is about ten. */
    private const THIN = 12.0;

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
                    static fn (StepCalculation $w): bool => RecipeAnalysis::can($w, Ability::Fills) || RecipeAnalysis::seals($w),
                );
                if (
                    null === $closed
                    || RecipeAnalysis::seals($closed)
                    && ($closed->film->dry ?? 0.0) * $closed->step->coats < self::THIN
                    && RecipeAnalysis::uses($closed, MaterialKind::Topcoat)
                ) {
                    continue; // a light clearing pass after one thin sealer is right
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
}
