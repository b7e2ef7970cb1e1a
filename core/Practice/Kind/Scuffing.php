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
        return 'Scuff-sand before painting';
    }

    public function choices(): array
    {
        return [
            new Choice('always', 'Always', 'Paint grips scratches. Five minutes with fine paper prevent peeling.'),
            new Choice('no-prep', 'not under chalk-type paint', 'These paints adhere to most surfaces, and wax protects them.'),
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
