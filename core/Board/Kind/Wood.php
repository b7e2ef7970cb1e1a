<?php

declare(strict_types=1);

namespace Inlaid\Core\Board\Kind;

use Inlaid\Core\Board\Choices;
use Inlaid\Core\Board\InvalidBoard;
use Inlaid\Core\Board\Variable;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Material\Bleed;
use Inlaid\Core\Piece\Species;
use Inlaid\Core\Recipe\Step;

/**
 * The wood beneath: the same finish on another wood is another look. It is not taken over into a recipe, whose piece is of the wood it is.
 */
final class Wood implements Variable
{
    public function key(): string
    {
        return 'wood';
    }

    public function name(): string
    {
        return 'Wood';
    }

    public function tells(): string
    {
        return 'How the wood changes the look.';
    }

    public function suits(?Step $step): bool
    {
        return null === $step;
    }

    public function options(Choices $choices, ?Step $step): array
    {
        $standing = $this->standing($choices, $step);

        return array_values(array_unique([$standing, ...array_keys($choices->woods)]));
    }

    public function levels(Choices $choices, ?Step $step): array
    {
        return \array_slice($this->options($choices, $step), 0, 3);
    }

    public function standing(Choices $choices, ?Step $step): string
    {
        return $choices->substrate()->species;
    }

    public function inWords(Choices $choices, ?Step $step, string $level): string
    {
        return $level === $this->standing($choices, $step) ? $level : $this->wood($choices, $level)->name;
    }

    public function edits(Choices $choices, ?Step $step, string $level): array
    {
        $wood = $this->wood($choices, $level);

        return [Edit::ground(
            species: $wood->name,
            grain: $wood->grain->value,
            colour: $wood->colour->hex,
            bleeds: array_map(static fn (Bleed $b): string => $b->value, $wood->bleeds),
            moves: $wood->moves,
        )];
    }

    private function wood(Choices $choices, string $level): Species
    {
        return $choices->woods[$level] ?? throw InvalidBoard::badLevel($this->name(), $level, 'a wood from the list');
    }
}
