<?php

declare(strict_types=1);

namespace Inlaid\Core\Board\Kind;

use Inlaid\Core\Board\Choices;
use Inlaid\Core\Board\InvalidBoard;
use Inlaid\Core\Board\Variable;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Recipe\Step;

/**
 * Where in the order a step stands. A level is the step it comes before, or "last".
 */
final class Order implements Variable
{
    private const LAST = 'last';

    public function key(): string
    {
        return 'order';
    }

    public function name(): string
    {
        return 'Order';
    }

    public function tells(): string
    {
        return 'Whether the step looks better earlier or later.';
    }

    public function suits(?Step $step): bool
    {
        return null !== $step;
    }

    public function options(Choices $choices, ?Step $step): array
    {
        return [
            ...array_values(array_filter(
                array_map(static fn (Step $s): string => $s->id, $choices->recipe->steps),
                static fn (string $id): bool => $id !== $step?->id,
            )),
            self::LAST,
        ];
    }

    public function levels(Choices $choices, ?Step $step): array
    {
        $ids = $this->options($choices, $step);
        $at = (int) array_search($this->standing($choices, $step), $ids, true);

        return array_values(array_intersect_key($ids, array_flip([$at - 1, $at, $at + 1]))); // as it is, and one place earlier and later
    }

    public function standing(Choices $choices, ?Step $step): string
    {
        $all = array_map(static fn (Step $s): string => $s->id, $choices->recipe->steps);

        return $all[(int) array_search($step?->id, $all, true) + 1] ?? self::LAST;
    }

    public function inWords(Choices $choices, ?Step $step, string $level): string
    {
        if (self::LAST === $level) {
            return 'last';
        }
        $before = array_values(array_filter($choices->recipe->steps, static fn (Step $s): bool => $s->id === $level));
        if ([] === $before || $level === $step?->id) {
            throw InvalidBoard::badLevel($this->name(), $level, 'another step of the board');
        }

        return \sprintf('before “%s”', $before[0]->name());
    }

    public function edits(Choices $choices, ?Step $step, string $level): array
    {
        $this->inWords($choices, $step, $level);

        return null === $step ? [] : [Edit::move($step->id, self::LAST === $level ? null : $level)];
    }
}
