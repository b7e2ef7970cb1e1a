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
        return 'In which order are the parts of a piece laid?';
    }

    public function choices(): array
    {
        return [
            new Choice('top-first', 'From the top downwards', 'What runs or drips falls on what is still to be laid, and is laid off with it.'),
            new Choice('top-last', 'The top last', 'What is seen most is touched last: no sleeve, no drip and no dust of the other parts gets on it.'),
        ];
    }

    public function apply(WorkingDefaults $habits, string $choice): WorkingDefaults
    {
        return $habits;
    }
}
