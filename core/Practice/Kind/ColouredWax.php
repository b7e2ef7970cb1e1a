<?php

declare(strict_types=1);

namespace Inlaid\Core\Practice\Kind;

use Inlaid\Core\Practice\Choice;
use Inlaid\Core\Practice\Practice;
use Inlaid\Core\Practice\WorkingDefaults;

/**
 * Over clear wax or straight on: it decides whether a missing barrier is a finding.
 */
final class ColouredWax implements Practice
{
    public function key(): string
    {
        return 'coloured-wax';
    }

    public function question(): string
    {
        return 'Coloured wax on paint';
    }

    public function choices(): array
    {
        return [
            new Choice('over-clear', 'over thin clear wax', 'You can move it and wipe it back before it sets.'),
            new Choice('straight-on', 'direct', 'The paint soaks it up and the colour goes deeper.'),
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
