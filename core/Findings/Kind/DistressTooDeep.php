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
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Mixing\Ingredient;
use Inlaid\Core\Technique\Effect;

/**
 * Distressing goes through the undertone.
 */
final class DistressTooDeep implements Rule
{
    public function key(): string
    {
        return 'distress-too-deep';
    }

    public function name(): string
    {
        return 'Distressing goes through the undertone';
    }

    public function reason(): string
    {
        return 'An undertone shows only where the wear stops in it. Deeper, you see bare wood with a thin line of colour.';
    }

    public function source(): string
    {
        return 'Arithmetic: depth of the wear against the films above and below the undertone.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->stacks as $stack) {
            foreach ($stack->layers as $i => $worn) {
                if (null === $worn->depth || $worn->cover >= 1.0 || 'wood' !== $worn->reaches) {
                    continue;
                }
                $films = array_values(array_filter(
                    \array_slice($stack->layers, 0, $i),
                    static fn (Layer $l): bool => Effect::Adds === $l->effect && $l->covers() && $l->laid > 0.5,
                ));
                $colours = array_values(array_filter($films, fn (Layer $l): bool => $this->isColour($whole, $l)));
                if (\count($colours) < 2 || self::made($colours[0]) === self::made($colours[\count($colours) - 1])) {
                    continue;
                }
                if ($colours[0]->cover < 1.0) {
                    continue; // an undertone in patches leaves bare wood between them, worn or not
                }
                $above = array_sum(array_map(static fn (Layer $l): float => $l->number > $colours[0]->number ? $l->laid : 0.0, $films));
                $ends = round($above + $colours[0]->laid / 2, 1);
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Advise,
                    steps: [$worn->stepId, $colours[0]->stepId],
                    why: \sprintf(
                        'Step %d removes %s µm but the layers are only %s µm thick. Bare wood shows, and only a line of step %d.',
                        $whole->counted($worn->stepId),
                        ExactNumber::plain($worn->depth, 1),
                        ExactNumber::plain(array_sum(array_map(static fn (Layer $l): float => $l->laid, $films)), 1),
                        $whole->counted($colours[0]->stepId),
                    ),
                    remedies: [
                        new Remedy(
                            'less',
                            \sprintf('Remove %s µm, ending in step %d', ExactNumber::plain($ends, 1), $whole->counted($colours[0]->stepId)),
                            Edit::change($worn->stepId, StepChange::depth($ends)),
                        ),
                    ],
                );
                break 2;
            }
        }
    }

    /**
     * @return list<string>
     */
    private static function made(Layer $layer): array
    {
        return array_map(static fn (Ingredient $i): string => $i->materialId, $layer->ingredients);
    }

    /** An opaque colour, and no primer. */
    private function isColour(RecipeAnalysis $whole, Layer $layer): bool
    {
        $work = $whole->works[$layer->number - 1];

        return RecipeAnalysis::isOpaque($work) && !RecipeAnalysis::uses($work, MaterialKind::Primer, MaterialKind::Filler);
    }
}
