<?php

declare(strict_types=1);

namespace Inlaid\Core\Board\Kind;

use Inlaid\Core\Board\StepFigure;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Recipe\Step;

/**
 * The last paper before colour: the coarser the scratch, the more a wash or a stain takes.
 */
final class LastGrit extends StepFigure
{
    public function key(): string
    {
        return 'grit';
    }

    public function name(): string
    {
        return 'Last grit';
    }

    public function tells(): string
    {
        return 'How the last grit changes the colour that follows.';
    }

    public function suits(?Step $step): bool
    {
        return null !== $step && null !== $step->profile->atGrit;
    }

    protected function change(int $number): StepChange
    {
        return StepChange::grit($number);
    }

    protected function of(Step $step): ?int
    {
        return $step->detail->grit;
    }

    protected function say(int $number): string
    {
        return 'grit '.$number;
    }

    protected function usual(): array
    {
        return [120, 180, 240];
    }

    protected function range(): array
    {
        return [24, 3000];
    }
}
