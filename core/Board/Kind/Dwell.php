<?php

declare(strict_types=1);

namespace Inlaid\Core\Board\Kind;

use Inlaid\Core\Board\StepFigure;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Recipe\Step;

/**
 * How long it is left before it is wiped: what a wash or a stain leaves depends on little else.
 */
final class Dwell extends StepFigure
{
    public function key(): string
    {
        return 'dwell';
    }

    public function name(): string
    {
        return 'Dwell before wiping';
    }

    public function tells(): string
    {
        return 'How a longer dwell before wiping changes the colour.';
    }

    public function suits(?Step $step): bool
    {
        return null !== $step && $step->profile->takesMaterial && $step->profile->left < 1.0;
    }

    protected function change(int $number): StepChange
    {
        return StepChange::dwell($number);
    }

    protected function of(Step $step): int
    {
        return $step->detail->dwell ?? 0;
    }

    protected function say(int $number): string
    {
        return 0 === $number ? 'wiped at once' : $number.' min';
    }

    protected function usual(): array
    {
        return [1, 3, 6];
    }

    protected function range(): array
    {
        return [0, 2880];
    }
}
