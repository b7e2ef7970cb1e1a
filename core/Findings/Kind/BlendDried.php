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
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Work\StepCalculation;

/**
 * The second colour of a blend comes when the first has dried.
 */
final readonly class BlendDried implements Rule
{
    public function key(): string
    {
        return 'blend-dried';
    }

    public function name(): string
    {
        return 'First colour of a blend dries before the second';
    }

    public function reason(): string
    {
        return 'A dry edge can\'t be softened into a wet one: the join stays a line. Paint that softens again under mist is an exception.';
    }

    public function source(): string
    {
        return 'Practice: blends are worked wet into wet, section by section.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $i => $work) {
            $first = $whole->works[$i - 1] ?? null;
            $next = $whole->works[$i + 1] ?? null;
            if (
                null === $first
                || !self::isHalf($first, $whole->works[$i - 2] ?? null)
                || !self::isHalf($work, null)
                || null !== $next && $next->step->isWorkedInto($work->step)
                || $work->step->isWorkedInto($first->step)
                || $first->step->parts !== $work->step->parts
                || $first->step->detail->where === $work->step->detail->where
                || true === $first->character?->handling->rewets
            ) {
                continue;
            }
            $waited = $whole->minutesBetween($first, $work);
            if (null !== $waited && $waited > ($first->drying->openTime->planned ?? \PHP_INT_MAX)) {
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Warn,
                    steps: [$work->step->id, $first->step->id],
                    why: \sprintf('“%s” has dried when “%s” is blended into it.', $first->step->name(), $work->step->name()),
                    remedies: [new Remedy(
                        'together',
                        'Lay both together, section by section',
                        Edit::change($first->step->id, StepChange::wait(WaitUntil::Nothing)),
                    )],
                );
            }
        }
    }

    /** Is it blended, and not with the one before it? */
    private static function isHalf(StepCalculation $work, ?StepCalculation $before): bool
    {
        return $work->can(Ability::Blends) && (null === $before || !$work->step->isWorkedInto($before->step));
    }
}
