<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Technique\Direction;
use Inlaid\Core\Technique\Tool;

/**
 * Last sanding runs across the grain and will show.
 */
final class AcrossTheGrain implements Rule
{
    public function key(): string
    {
        return 'across-the-grain';
    }

    public function name(): string
    {
        return 'Last sanding runs across the grain and will show';
    }

    public function reason(): string
    {
        return 'Scratches across the grain show dark under stain and catch light under clear coats. Along the grain they disappear.';
    }

    public function source(): string
    {
        return 'Finishing practice; optics of scratches against the direction of the fibres.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (!RecipeAnalysis::lays($work) || Purpose::Hide === $work->step->intent->purpose && RecipeAnalysis::isOpaque($work)) {
                continue;
            }
            foreach ($whole->recipe->partsOf($work->step) as $part) {
                $marks = Grain::None === $part->substrate->grain ? null : ($whole->met($work, $part)[0] ?? null)?->condition()->marks;
                $last = null === $marks ? null : $whole->work($marks->stepId);
                $crosses = Direction::Across === $marks?->direction || Direction::Any === $marks?->direction && Tool::Hand === $marks->tool;
                if (null !== $last && $crosses) {
                    yield Finding::of(
                        rule: $this,
                        severity: Severity::Warn,
                        steps: [$last->step->id, $work->step->id],
                        why: \sprintf(
                            '“%s” is sanded %s and “%s” will show the scratches. Sand with the grain.',
                            $last->step->name(),
                            $marks->direction->inWords(),
                            $work->step->name(),
                        ),
                        remedies: [
                            new Remedy(
                                'along',
                                'Sand with the grain',
                                Edit::change($last->step->id, StepChange::direction(Direction::Along)),
                            ),
                        ],
                    );
                    break;
                }
            }
        }
    }
}
