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
use Inlaid\Core\Recipe\WaitUntil;

/**
 * Sanding next to a wet coat.
 */
final class DustOnWet implements Rule
{
    public function key(): string
    {
        return 'dust-on-wet';
    }

    public function name(): string
    {
        return 'Sanding next to a wet coat';
    }

    public function reason(): string
    {
        return 'Dust settles for an hour and sticks to any wet coat.';
    }

    public function source(): string
    {
        return 'Finishing practice.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            $starts = $whole->planned->start($work->step->id);
            if (!$work->step->profile->dusty || null === $starts) {
                continue;
            }
            foreach ($whole->recipe->piece->parts as $part) {
                if ($work->step->touches($part)) {
                    continue; // that it comes too soon is told
                }
                $wet = RecipeAnalysis::last($whole->before($work, $part), RecipeAnalysis::lays(...));
                if (null !== $wet && ($whole->planned->end($wet->step->id) ?? 0) + 60 * ($wet->drying->touch->planned ?? 0) > $starts) {
                    yield Finding::of(
                        rule: $this,
                        severity: Severity::Warn,
                        steps: [$work->step->id, $wet->step->id],
                        why: \sprintf(
                            '“%s” makes dust while “%s” is still wet on %s.',
                            $work->step->name(),
                            $wet->step->name(),
                            $part->name,
                        ),
                        remedies: [
                            new Remedy(
                                'wait',
                                \sprintf('Wait until “%s” is touch-dry', $wet->step->name()),
                                Edit::change($wet->step->id, StepChange::wait(WaitUntil::Touch)),
                            ),
                        ],
                    );
                    break;
                }
            }
        }
    }
}
