<?php

declare(strict_types=1);

namespace Inlaid\Core\Practice\Kind;

use Inlaid\Core\Practice\Choice;
use Inlaid\Core\Practice\Practice;
use Inlaid\Core\Practice\WorkingDefaults;

final class Repairing implements Practice
{
    public function key(): string
    {
        return 'repairing';
    }

    public function question(): string
    {
        return 'Damage';
    }

    public function choices(): array
    {
        return [
            new Choice('all', 'repair everything', 'Under an even coat every flaw is seen twice.'),
            new Choice('history', 'keep signs of age', 'Marks of use belong to the piece. Only harmful damage is repaired.'),
        ];
    }

    /**
     * The proposed preparation goes by the answer itself.
     */
    public function apply(WorkingDefaults $habits, string $choice): WorkingDefaults
    {
        return $habits;
    }
}
