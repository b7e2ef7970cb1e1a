<?php

declare(strict_types=1);

namespace Inlaid\Core\Board\Kind;

use Inlaid\Core\Board\Choices;
use Inlaid\Core\Board\InvalidBoard;
use Inlaid\Core\Board\Variable;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Recipe\Step;

/**
 * What is laid: which wax, which paint, which stain.
 */
final class Laid implements Variable
{
    public function key(): string
    {
        return 'laid';
    }

    public function name(): string
    {
        return 'Material';
    }

    public function tells(): string
    {
        return 'Which material gives the look.';
    }

    public function suits(?Step $step): bool
    {
        return $step?->profile->takesMaterial ?? false;
    }

    public function options(Choices $choices, ?Step $step): array
    {
        $standing = $this->standing($choices, $step);
        $kind = null === $standing ? null : $choices->materials[$standing]->kind ?? null;
        $like = array_map(
            static fn (Material $m): string => $m->id,
            array_values(array_filter($choices->materials, static fn (Material $m): bool => null === $kind || $m->kind === $kind)),
        );

        return array_values(array_unique([...(null === $standing ? [] : [$standing]), ...$like]));
    }

    public function levels(Choices $choices, ?Step $step): array
    {
        return \array_slice($this->options($choices, $step), 0, 3);
    }

    public function standing(Choices $choices, ?Step $step): ?string
    {
        return $step?->uses instanceof Material ? $step->uses->id : null;
    }

    public function inWords(Choices $choices, ?Step $step, string $level): string
    {
        return $this->material($choices, $level)->name;
    }

    public function edits(Choices $choices, ?Step $step, string $level): array
    {
        return null === $step ? [] : [Edit::change($step->id, StepChange::material($this->material($choices, $level)->id))];
    }

    private function material(Choices $choices, string $level): Material
    {
        return $choices->materials[$level] ?? throw InvalidBoard::badLevel($this->name(), $level, 'among the materials of the board');
    }
}
