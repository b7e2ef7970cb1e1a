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
 * The conditioner comes after the stain.
 */
final class ConditionerAfterStain implements Rule
{
    public function key(): string
    {
        return 'conditioner-after-stain';
    }

    public function name(): string
    {
        return 'The conditioner comes after the stain';
    }

    public function reason(): string
    {
        return 'A conditioner evens out how much wood drinks; once the stain is in there is nothing left to even out.';
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
                $stain = RecipeAnalysis::first($whole->before($work, $part), static fn (StepCalculation $w): bool => RecipeAnalysis::uses($w, MaterialKind::Stain));
                if (null !== $stain) {
                    yield Finding::of($this, Severity::Warn, [$work->step->id, $stain->step->id], \sprintf('"%s" comes after "%s" and can no longer even it out.', $work->step->name(), $stain->step->name()), [
                        new Remedy('before', \sprintf('Condition before "%s"', $stain->step->name()), Edit::move($work->step->id, $stain->step->id)),
                    ]);
                    break;
                }
            }
        }
    }
}
