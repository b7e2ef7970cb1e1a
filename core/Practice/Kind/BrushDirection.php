<?php

declare(strict_types=1);

namespace Inlaid\Core\Practice\Kind;

use Inlaid\Core\Practice\Choice;
use Inlaid\Core\Practice\Practice;
use Inlaid\Core\Practice\WorkingDefaults;

/**
 * Brush one way or every way: it sets how long brushed coats keep the hands busy.
 */
final class BrushDirection implements Practice
{
    public function key(): string
    {
        return 'brush-direction';
    }

    public function question(): string
    {
        return 'Brushing direction';
    }

    public function choices(): array
    {
        return [
            new Choice('one-way', 'with the grain', 'Strokes with the grain blend in and are quickest.'),
            new Choice('every-way', 'all directions, then laid off', 'Covers pores and mouldings better; takes about a third longer.'),
        ];
    }

    public function apply(WorkingDefaults $habits, string $choice): WorkingDefaults
    {
        return $habits->withBrushing('every-way' === $choice ? 1.3 : 1.0);
    }
}
