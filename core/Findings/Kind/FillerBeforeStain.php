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
use Inlaid\Core\Work\StepCalculation;

/**
 * Filler is stained along with the wood.
 */
final class FillerBeforeStain implements Rule
{
    public function key(): string
    {
        return 'filler-before-stain';
    }

    public function name(): string
    {
        return 'Filler is stained along with the wood';
    }

    public function reason(): string
    {
        return 'Most fillers absorb little stain and stay pale. Fill after staining and tint the filler to match.';
    }

    public function source(): string
    {
        return 'Finishing practice: uptake of bound dust against that of wood.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (!RecipeAnalysis::uses($work, MaterialKind::Filler)) {
                continue;
            }
            foreach ($whole->recipe->partsOf($work->step) as $part) {
                $stain = RecipeAnalysis::first(
                    $whole->after($work, $part),
                    static fn (StepCalculation $w): bool => RecipeAnalysis::uses($w, MaterialKind::Stain),
                );
                if (null !== $stain) {
                    yield Finding::of(
                        rule: $this,
                        severity: Severity::Advise,
                        steps: [$work->step->id, $stain->step->id],
                        why: \sprintf('“%s” absorbs little of “%s” and will stay paler.', $work->step->name(), $stain->step->name()),
                        remedies: [
                            new Remedy(
                                'after',
                                \sprintf('Fill after “%s”, tinted to match', $stain->step->name()),
                                Edit::move($work->step->id, $whole->next($stain)),
                            ),
                        ],
                    );
                    break;
                }
            }
        }
    }
}
