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
 * Conditioner comes after the stain.
 */
final class ConditionerAfterStain implements Rule
{
    public function key(): string
    {
        return 'conditioner-after-stain';
    }

    public function name(): string
    {
        return 'Conditioner comes after the stain';
    }

    public function reason(): string
    {
        return 'Conditioner evens out absorbency. Once the stain is in, it has no effect.';
    }

    public function source(): string
    {
        return 'Wood science: uptake of end grain and soft grain.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (!RecipeAnalysis::uses($work, MaterialKind::Conditioner)) {
                continue;
            }
            foreach ($whole->recipe->partsOf($work->step) as $part) {
                $stain = RecipeAnalysis::first(
                    $whole->before($work, $part),
                    static fn (StepCalculation $w): bool => RecipeAnalysis::uses($w, MaterialKind::Stain),
                );
                if (null !== $stain) {
                    yield Finding::of(
                        rule: $this,
                        severity: Severity::Warn,
                        steps: [$work->step->id, $stain->step->id],
                        why: \sprintf('“%s” comes after “%s” and can\'t even it out.', $work->step->name(), $stain->step->name()),
                        remedies: [
                            new Remedy(
                                'before',
                                \sprintf('Move the conditioner before “%s”', $stain->step->name()),
                                Edit::move($work->step->id, $stain->step->id),
                            ),
                        ],
                    );
                    break;
                }
            }
        }
    }
}
