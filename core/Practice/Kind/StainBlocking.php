<?php

declare(strict_types=1);

namespace Inlaid\Core\Practice\Kind;

use Inlaid\Core\Practice\Choice;
use Inlaid\Core\Practice\Practice;
use Inlaid\Core\Practice\WorkingDefaults;

/**
 * Block on evidence, always or never: it decides whether a bleed is a finding.
 */
final class StainBlocking implements Practice
{
    public function key(): string
    {
        return 'stain-blocking';
    }

    public function question(): string
    {
        return 'When is a stain-blocking primer laid?';
    }

    public function choices(): array
    {
        return [
            new Choice('evidence', 'On evidence', 'Where the wood is known to bleed or the rag took colour.'),
            new Choice('always', 'Always, under paint', 'A mark may take a year to come through; one coat of blocker is cheaper than doing it again.'),
            new Choice('never', 'Never', 'A mark that comes through is part of the piece; primers bury its grain.'),
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
