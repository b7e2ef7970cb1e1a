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
        return 'Stain-blocking primer';
    }

    public function choices(): array
    {
        return [
            new Choice('evidence', 'when there is bleed', 'Where the wood is known to bleed, or the test rag took colour.'),
            new Choice(
                'always',
                'always under paint',
                'A mark can take a year to show. One coat of blocker costs less than starting over.',
            ),
            new Choice('never', 'Never', 'Bleed-through is part of the piece; primer hides the grain.'),
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
