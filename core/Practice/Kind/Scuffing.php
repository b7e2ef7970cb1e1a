<?php

declare(strict_types=1);

namespace Inlaid\Core\Practice\Kind;

use Inlaid\Core\Practice\Choice;
use Inlaid\Core\Practice\Practice;
use Inlaid\Core\Practice\WorkingDefaults;

/**
 * Scuff always, or trust a chalk-type paint to hold by itself: it decides whether a missing key is a finding.
 */
final class Scuffing implements Practice
{
    public function key(): string
    {
        return 'scuffing';
    }

    public function question(): string
    {
        return 'Is an old finish scuffed before it is painted?';
    }

    public function choices(): array
    {
        return [
            new Choice('always', 'Always', 'Paint holds in scratches; five minutes with fine paper save a peeling top.'),
            new Choice('no-prep', 'Not under chalk-type paint', 'These paints are made to hold on most things, and wax over them does the rest.'),
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
