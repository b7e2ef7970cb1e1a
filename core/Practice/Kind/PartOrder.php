<?php

declare(strict_types=1);

namespace Inlaid\Core\Practice\Kind;

use Inlaid\Core\Practice\Choice;
use Inlaid\Core\Practice\Practice;
use Inlaid\Core\Practice\WorkingDefaults;

final class PartOrder implements Practice
{
    public function key(): string
    {
        return 'part-order';
    }

    public function question(): string
    {
        return 'Order of parts';
    }

    public function choices(): array
    {
        return [
            new Choice('top-first', 'top down', 'Runs and drips fall on parts still to be coated.'),
            new Choice(
                'legs-first',
                'upside down, legs first',
                'You reach all of the legs and stretchers, and set it on its feet to end with the top.',
            ),
            new Choice('top-last', 'top last', 'The most visible surface comes last: no sleeve, drip or dust touches it.'),
        ];
    }

    public function apply(WorkingDefaults $habits, string $choice): WorkingDefaults
    {
        return $habits;
    }
}
