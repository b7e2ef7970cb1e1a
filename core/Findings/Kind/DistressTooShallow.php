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
use Inlaid\Core\Look\JudgeLook;
use Inlaid\Core\Look\Layer;
use Inlaid\Core\Look\LookEffect;
use Inlaid\Core\Look\StackPreview;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Follows;
use Inlaid\Core\Technique\Workmanship;

/**
 * Distress ends in the coat it should go through.
 */
final class DistressTooShallow implements Rule
{
    public function key(): string
    {
        return 'distress-too-shallow';
    }

    public function name(): string
    {
        return 'Distressing doesn\'t reach the next colour';
    }

    public function reason(): string
    {
        return 'Wear shows another colour only where it goes right through the coat above.';
    }

    public function source(): string
    {
        return 'Arithmetic: depth of the wear against the films above the next colour, and the look of what is left.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            $step = $work->step;
            $technique = $step->technique;
            if (
                Effect::TakesAway !== $step->profile->effect
                || $step->profile->cover >= 1.0
                || Purpose::Functional === $step->intent->purpose
                || Follows::Resist === $technique->pattern(new Workmanship())->follows
            ) {
                continue;
            }
            $effects = array_merge(...array_map(
                static fn (StackPreview $s): array => array_values(array_filter(
                    $s->look->effects,
                    static fn (LookEffect $e): bool => $e->stepId === $step->id,
                )),
                $whole->stacks,
            ));
            if ([] === $effects || max(array_map(static fn (LookEffect $e): float => $e->most, $effects)) >= JudgeLook::NOTHING) {
                continue;
            }
            $needed = $this->needed($whole->stacks, $step->id);
            yield Finding::of(
                rule: $this,
                severity: Severity::Advise,
                steps: [$step->id],
                why: \sprintf(
                    '“%s” removes %s µm and shows no other colour: %s.',
                    $step->name(),
                    ExactNumber::plain($work->removes(), 1),
                    null === $needed
                        ? 'there is no other colour below'
                        : \sprintf('the next colour is %s µm down', ExactNumber::plain($needed[0], 1)),
                ),
                remedies: null === $needed
                    ? []
                    : [new Remedy(
                        'deeper',
                        \sprintf('Remove %s µm', ExactNumber::plain($needed[1], 1)),
                        Edit::change($step->id, StepChange::depth($needed[1])),
                    )],
            );
        }
    }

    /**
     * Where the next colour begins, and a depth in the middle of it.
     *
     * @param list<StackPreview> $stacks
     *
     * @return array{float, float}|null
     */
    private function needed(array $stacks, string $stepId): ?array
    {
        foreach ($stacks as $stack) {
            $at = array_search($stepId, array_map(static fn (Layer $l): string => $l->stepId, $stack->layers), true);
            $films = array_values(array_filter(
                \array_slice($stack->layers, 0, (int) $at),
                static fn (Layer $l): bool => Effect::Adds === $l->effect && $l->covers() && $l->thickness > 0.0,
            ));
            if (false !== $at && [] !== $films) {
                $top = array_pop($films);
                $next = array_pop($films);

                return [round($top->thickness, 1), round($top->thickness + ($next->thickness ?? $top->thickness) / 2, 1)];
            }
        }

        return null;
    }
}
