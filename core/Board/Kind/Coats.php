<?php

declare(strict_types=1);

namespace Inlaid\Core\Board\Kind;

use Inlaid\Core\Board\StepFigure;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Recipe\Step;

/**
 * How often it is laid.
 */
final class Coats extends StepFigure
{
    public function key(): string
    {
        return 'coats';
    }

    public function name(): string
    {
        return 'Coats';
    }

    public function tells(): string
    {
        return 'How many coats hide the surface below, or let the right amount show.';
    }

    public function suits(?Step $step): bool
    {
        return $step?->profile->takesMaterial ?? false;
    }

    protected function change(int $number): StepChange
    {
        return StepChange::coats($number);
    }

    protected function of(Step $step): int
    {
        return $step->coats;
    }

    protected function say(int $number): string
    {
        return 1 === $number ? '1 coat' : $number.' coats';
    }

    protected function usual(): array
    {
        return [1, 2, 3];
    }

    protected function range(): array
    {
        return [1, Step::MOST_COATS];
    }
}
