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
use Inlaid\Core\Measure\Duration;

/**
 * What must come off again stands until the next working day.
 */
final readonly class LeftTooLong implements Rule
{
    /** A dwell that ends on the day it began, in most workshops, minutes; typical. */
    private const SAME_DAY = 120;

    public function key(): string
    {
        return 'left-too-long';
    }

    public function name(): string
    {
        return 'Left to stand too long before it is wiped off';
    }

    public function reason(): string
    {
        return 'Oil, glaze or stain that sets before it is wiped stays sticky and patchy. Stripper dries on and must be applied again.';
    }

    public function source(): string
    {
        return 'Practice: what is wiped off must be wiped while it is wet; the label gives the time.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->planned->plan->coats as $coat) {
            $work = $whole->work($coat->stepId);
            $dwell = $work->step->detail->dwell ?? 0;
            if (null === $work || 0 === $coat->leftTooLong || 1 !== $coat->coat) {
                continue;
            }
            yield Finding::of(
                rule: $this,
                severity: Severity::Warn,
                steps: [$coat->stepId],
                why: \sprintf(
                    '“%s” would stand %s too long: nobody is at work when its dwell is over.',
                    $work->step->name(),
                    Duration::inWords($coat->leftTooLong),
                ),
                remedies: $dwell <= self::SAME_DAY ? [] : [new Remedy(
                    'same-day',
                    'Wipe it the same day, after 2 h',
                    Edit::change($coat->stepId, StepChange::dwell(self::SAME_DAY)),
                )],
            );
        }
    }
}
