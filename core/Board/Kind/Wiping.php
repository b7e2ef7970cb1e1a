<?php

declare(strict_types=1);

namespace Inlaid\Core\Board\Kind;

use Inlaid\Core\Board\StepFigure;
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
        return null !== $step && $step->technique->figures()->takesMaterial && $step->technique->figures()->left < 1.0;
    }

    protected function field(): string
    {
        return 'left';
    }

    protected function of(Step $step): int
    {
        return (int) round(100 * ($step->detail->left ?? $step->technique->figures()->left));
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

    protected function set(int $number): float
    {
        return $number / 100;
    }
}
