<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\MaterialRequirement;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Work\StepCalculation;

/**
 * Over-thinned paint is left unsealed.
 */
final class ThinnedAndUnsealed implements Rule
{
    public function key(): string
    {
        return 'thinned-and-unsealed';
    }

    public function name(): string
    {
        return 'Over-thinned paint is left unsealed';
    }

    public function reason(): string
    {
        return 'Past its largest thinning a paint has too little binder to hold its pigment; it rubs off until something seals it.';
    }

    public function source(): string
    {
        return 'Coatings science: pigment held by too little binder.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (true !== $work->character?->isOverThinned() || !RecipeAnalysis::lays($work)) {
                continue;
            }
            $parts = array_values(array_filter($whole->recipe->partsOf($work->step), static fn (PiecePart $part): bool => null === RecipeAnalysis::first($whole->after($work, $part), static fn (StepCalculation $w): bool => RecipeAnalysis::protects($w))));
            if ([] !== $parts) {
                yield Finding::of($this, Severity::Warn, [$work->step->id], \sprintf('"%s" is thinned %s to 1 (it takes %s) and nothing seals it.', $work->step->name(), ExactNumber::plain($work->character->thinning), ExactNumber::plain((float) $work->character->largestThinning)), [
                    new Remedy('seal', 'A clear topcoat at the end', Edit::insert(new NewStep('Clear topcoat', 'brushed', $whole->named($parts), MaterialRequirement::topcoat($whole->recipe->piece->use->place->isOutdoors()), wait: WaitUntil::Through), null)),
                ]);
            }
        }
    }
}
