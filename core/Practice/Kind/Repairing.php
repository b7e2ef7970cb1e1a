<?php

declare(strict_types=1);

namespace Inlaid\Core\Practice\Kind;

use Inlaid\Core\Practice\Choice;
use Inlaid\Core\Practice\Habits;
use Inlaid\Core\Practice\School;

final class Repairing implements School
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
    public function apply(Habits $habits, string $choice): Habits
    {
        return $habits;
    }
}
