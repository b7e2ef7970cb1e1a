<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Work\StepCalculation;

/**
 * Over-thinned paint isn't sealed.
 */
final class ThinnedAndUnsealed implements Rule
{
    public function key(): string
    {
        return 'thinned-and-unsealed';
    }

    public function name(): string
    {
        return 'Over-thinned paint isn\'t sealed';
    }

    public function reason(): string
    {
        return 'Beyond its maximum thinning, paint has too little binder and rubs off until sealed.';
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
            $parts = array_values(array_filter(
                $whole->recipe->partsOf($work->step),
                static fn (PiecePart $part): bool => null === RecipeAnalysis::first(
                    $whole->after($work, $part),
                    static fn (StepCalculation $w): bool => RecipeAnalysis::protects($w),
                ),
            ));
            if ([] !== $parts) {
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Warn,
                    steps: [$work->step->id],
                    why: \sprintf(
                        '“%s” is thinned %s to 1 (maximum %s to 1) and no step seals it.',
                        $work->step->name(),
                        ExactNumber::plain($work->character->thinning),
                        ExactNumber::plain((float) $work->character->largestThinning),
                    ),
                    remedies: [
                        new Remedy(
                            'seal',
                            'Add a clear topcoat at the end',
                            Edit::insert(
                                NewStep::topcoat(parts: $whole->named($parts), outdoors: $whole->recipe->piece->use->place->isOutdoors()),
                                null,
                            ),
                        ),
                    ],
                );
            }
        }
    }
}
