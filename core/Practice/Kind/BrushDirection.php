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
        return 'Which way is the brush drawn?';
    }

    public function choices(): array
    {
        return [
            new Choice('one-way', 'One way, with the grain', 'Strokes that follow the grain vanish into it and are quickest.'),
            new Choice('every-way', 'Every way, then laid off', 'Working paint in from all sides covers pores and mouldings surely; it takes about a third longer.'),
        ];
    }

    public function apply(WorkingDefaults $habits, string $choice): WorkingDefaults
    {
        return $habits->withBrushing('every-way' === $choice ? 1.3 : 1.0);
    }
}
