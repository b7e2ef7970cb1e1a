<?php

declare(strict_types=1);

namespace Inlaid\Core\Practice\Kind;

use Inlaid\Core\Practice\Choice;
use Inlaid\Core\Practice\Practice;
use Inlaid\Core\Practice\WorkingDefaults;

/**
 * Before or after: it decides whether wear through the wax is a finding.
 */
final class DistressAndWax implements Practice
{
    public function key(): string
    {
        return 'distress-and-wax';
    }

    public function question(): string
    {
        return 'Distress';
    }

    public function choices(): array
    {
        return [
            new Choice('before', 'Before', 'Dust doesn\'t cling, and the wax seals the worn places.'),
            new Choice('after', 'After', 'Waxed paint rubs off softly, without harsh edges.'),
        ];
    }

    /**
     * The rules judge by the answer itself.
     */
    public function apply(WorkingDefaults $habits, string $choice): WorkingDefaults
    {
        return $habits;
    }
}
