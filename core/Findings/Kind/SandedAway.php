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
use Inlaid\Core\Look\Layer;
use Inlaid\Core\Look\StackPreview;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Technique\Effect;

/**
 * Sanding removes a whole effect.
 */
final class SandedAway implements Rule
{
    /** The share of a film that is as good as none. */
    private const SPECKS = 0.05;

    public function key(): string
    {
        return 'sanded-away';
    }

    public function name(): string
    {
        return 'Sanding removes a whole effect';
    }

    public function reason(): string
    {
        return 'Denibbing removes a few µm. A wash or glaze can be thinner than that.';
    }

    public function source(): string
    {
        return 'Arithmetic: film thickness against what a grit removes.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->stacks as $stack) {
            foreach ($stack->layers as $i => $layer) {
                $later = \array_slice($stack->layers, $i + 1);
                $sanding = array_values(array_filter($later, static fn (Layer $l): bool => null !== $l->depth && $l->cover >= 1.0));
                if (Effect::Adds !== $layer->effect || $layer->laid < 0.5 || [] === $sanding || self::isLeft($stack, $layer)) {
                    continue;
                }
                $by = $sanding[0];
                $half = round($layer->laid / 2, 1);
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Warn,
                    steps: [$by->stepId, $layer->stepId],
                    why: \sprintf(
                        'Step %d removes %s µm. Step %d is only %s µm thick and would be gone.',
                        $whole->counted($by->stepId),
                        ExactNumber::plain((float) $by->depth, 1),
                        $whole->counted($layer->stepId),
                        ExactNumber::plain($layer->laid, 1),
                    ),
                    remedies: [
                        new Remedy(
                            'lightly',
                            \sprintf('Remove only %s µm (light denib)', ExactNumber::plain($half, 1)),
                            Edit::change($by->stepId, StepChange::depth($half)),
                        ),
                        new Remedy('leave', 'Remove that sanding step', Edit::takeOut($by->stepId)),
                    ],
                );
                break 2;
            }
        }
    }

    private static function isLeft(StackPreview $stack, Layer $layer): bool
    {
        $at = $stack->laid()->indexOf($layer->stepId);

        return null === $at || self::SPECKS < ($stack->laid()->left($at)->share ?? 0.0);
    }
}
