<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Film\GritLadder;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Work\StepCalculation;

/**
 * A grit is missing from the sequence.
 */
final class GapInTheLadder implements Rule
{
    public function key(): string
    {
        return 'gap-in-the-ladder';
    }

    public function name(): string
    {
        return 'A grit is missing from the sequence';
    }

    public function reason(): string
    {
        return 'Each grit removes the scratches of the last one. Skip too far and stain shows what is left.';
    }

    public function source(): string
    {
        return 'Abrasive grading: mean particle size of each grit.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (!RecipeAnalysis::can($work, Ability::Sands) || null === $work->step->detail->grit) {
                continue;
            }
            foreach ($whole->recipe->partsOf($work->step) as $part) {
                $before = RecipeAnalysis::last(
                    $whole->before($work, $part),
                    static fn (StepCalculation $w): bool => RecipeAnalysis::can($w, Ability::Sands)
                        || RecipeAnalysis::lays($w)
                        || RecipeAnalysis::can($w, Ability::Fills),
                );
                $from = null !== $before
                    && RecipeAnalysis::can($before, Ability::Sands)
                    && $whole->aim($work, $part)->continues($whole->aim($before, $part))
                    ? $before->step->detail->grit
                    : null;
                $to = $work->step->detail->grit;
                if (null === $from || !GritLadder::isGap($from, $to)) {
                    continue;
                }
                $middle = GritLadder::between($from, $to);
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Advise,
                    steps: [$work->step->id],
                    why: \sprintf(
                        'Grit %d to %d is too big a jump (particles %s → %s µm). The coarse scratches stay.',
                        $from,
                        $to,
                        ExactNumber::plain(GritLadder::particle($from), 0),
                        ExactNumber::plain(GritLadder::particle($to), 0),
                    ),
                    remedies: [
                        new Remedy(
                            'between',
                            \sprintf('Add grit %d in between', $middle),
                            Edit::insert(
                                new NewStep(
                                    \sprintf('Sand to %d', $middle),
                                    'sanded',
                                    $whole->named($whole->recipe->partsOf($work->step)),
                                    grit: $middle,
                                ),
                                $work->step->id,
                            ),
                        ),
                    ],
                );
                break;
            }
        }
    }
}
