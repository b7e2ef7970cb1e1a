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
        return 'Are dents, holes and stains mended?';
    }

    public function choices(): array
    {
        return [
            new Choice('all', 'All of them', 'Under an even coat every flaw is seen twice.'),
            new Choice('history', 'They are its history', 'Marks of use belong to the piece; only what harms it is mended.'),
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
