<?php

declare(strict_types=1);

namespace Inlaid\Core\Board\Kind;

use Inlaid\Core\Board\StepFigure;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Recipe\Step;

/**
 * How much is wiped away again.
 */
final class Wiping extends StepFigure
{
    public function key(): string
    {
        return 'left';
    }

    public function name(): string
    {
        return 'Left on after wiping';
    }

    public function tells(): string
    {
        return 'How much of the film should stay on.';
    }

    public function suits(?Step $step): bool
    {
        return null !== $step && $step->profile->takesMaterial && $step->profile->left < 1.0;
    }

    protected function change(int $number): StepChange
    {
        return StepChange::left($number / 100);
    }

    protected function of(Step $step): int
    {
        return (int) round(100 * ($step->detail->left ?? $step->profile->left));
    }

    protected function say(int $number): string
    {
        return $number.' % left';
    }

    protected function usual(): array
    {
        return [15, 35, 60];
    }

    protected function range(): array
    {
        return [0, 100];
    }
}
