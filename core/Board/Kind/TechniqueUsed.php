<?php

declare(strict_types=1);

namespace Inlaid\Core\Board\Kind;

use Inlaid\Core\Board\Choices;
use Inlaid\Core\Board\InvalidBoard;
use Inlaid\Core\Board\Variable;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Technique;

/**
 * How it is done: brushed, ragged, stippled.
 */
final class TechniqueUsed implements Variable
{
    public function key(): string
    {
        return 'technique';
    }

    public function name(): string
    {
        return 'Technique';
    }

    public function tells(): string
    {
        return 'Which technique gives the look.';
    }

    public function suits(?Step $step): bool
    {
        return null !== $step && Effect::Adds === $step->profile->effect;
    }

    public function options(Choices $choices, ?Step $step): array
    {
        $own = null === $step ? [] : [$step->technique->key()];
        $ways = array_filter(
            $choices->techniques->all(),
            static fn (Technique $t): bool => Effect::Adds === $t->profile()->effect && $t->profile()->takesMaterial,
        );

        return array_values(array_unique([...$own, ...array_map(static fn (Technique $t): string => $t->key(), array_values($ways))]));
    }

    public function levels(Choices $choices, ?Step $step): array
    {
        return \array_slice($this->options($choices, $step), 0, 3);
    }

    public function standing(Choices $choices, ?Step $step): ?string
    {
        return $step?->technique->key();
    }

    public function inWords(Choices $choices, ?Step $step, string $level): string
    {
        return mb_strtolower($this->technique($choices, $level)->name());
    }

    public function edits(Choices $choices, ?Step $step, string $level): array
    {
        return null === $step ? [] : [Edit::change($step->id, StepChange::technique($this->technique($choices, $level)->key()))];
    }

    private function technique(Choices $choices, string $level): Technique
    {
        foreach ($choices->techniques->all() as $technique) {
            if ($technique->key() === $level && Effect::Adds === $technique->profile()->effect) {
                return $technique;
            }
        }

        throw InvalidBoard::badLevel($this->name(), $level, 'a technique that applies material');
    }
}
