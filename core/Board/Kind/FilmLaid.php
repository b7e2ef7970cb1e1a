<?php

declare(strict_types=1);

namespace Inlaid\Core\Board\Kind;

use Inlaid\Core\Board\Choices;
use Inlaid\Core\Board\InvalidBoard;
use Inlaid\Core\Board\Variable;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Technique\Effect;

/**
 * How heavily it is laid.
 */
final class FilmLaid implements Variable
{
    public function key(): string
    {
        return 'film';
    }

    public function name(): string
    {
        return 'Coat thickness';
    }

    public function tells(): string
    {
        return 'Whether thin or full coats give the look.';
    }

    public function suits(?Step $step): bool
    {
        return null !== $step && $step->profile->takesMaterial && Effect::Adds === $step->profile->effect;
    }

    public function options(Choices $choices, ?Step $step): array
    {
        return array_map(static fn (FilmWeight $w): string => $w->value, FilmWeight::cases());
    }

    public function levels(Choices $choices, ?Step $step): array
    {
        return $this->options($choices, $step);
    }

    public function standing(Choices $choices, ?Step $step): ?string
    {
        return $step?->detail->weight?->value;
    }

    public function inWords(Choices $choices, ?Step $step, string $level): string
    {
        return $this->weight($level)->value.' coat';
    }

    public function edits(Choices $choices, ?Step $step, string $level): array
    {
        return null === $step ? [] : [Edit::change($step->id, StepChange::weight($this->weight($level)))];
    }

    private function weight(string $level): FilmWeight
    {
        return FilmWeight::tryFrom($level) ?? throw InvalidBoard::badLevel($this->name(), $level, 'thin, normal or heavy');
    }
}
