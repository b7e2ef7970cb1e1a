<?php

declare(strict_types=1);

namespace Inlaid\Core\Board\Kind;

use Inlaid\Core\Board\Choices;
use Inlaid\Core\Board\InvalidBoard;
use Inlaid\Core\Board\Variable;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Recipe\Step;

/**
 * Whether a step is done at all: with wax or without, sanded between or not.
 */
final class DoneOrLeftOut implements Variable
{
    public function key(): string
    {
        return 'done';
    }

    public function name(): string
    {
        return 'With or without';
    }

    public function tells(): string
    {
        return 'Whether the step is worth doing.';
    }

    public function suits(?Step $step): bool
    {
        return null !== $step;
    }

    public function options(Choices $choices, ?Step $step): array
    {
        return ['done', 'left-out'];
    }

    public function levels(Choices $choices, ?Step $step): array
    {
        return $this->options($choices, $step);
    }

    public function standing(Choices $choices, ?Step $step): string
    {
        return 'done';
    }

    public function inWords(Choices $choices, ?Step $step, string $level): string
    {
        return \sprintf($this->isDone($level) ? 'with %s' : 'without %s', lcfirst($step?->name() ?? 'it'));
    }

    public function edits(Choices $choices, ?Step $step, string $level): array
    {
        return $this->isDone($level) || null === $step ? [] : [Edit::takeOut($step->id)];
    }

    private function isDone(string $level): bool
    {
        return match ($level) {
            'done' => true,
            'left-out' => false,
            default => throw InvalidBoard::badLevel($this->name(), $level, '"done" or "left-out"'),
        };
    }
}
