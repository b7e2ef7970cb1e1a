<?php

declare(strict_types=1);

namespace Inlaid\Core\Practice\Kind;

use Inlaid\Core\Practice\Choice;
use Inlaid\Core\Practice\Practice;
use Inlaid\Core\Practice\WorkingDefaults;

final class OldFinishOff implements Practice
{
    public function key(): string
    {
        return 'old-finish-off';
    }

    public function question(): string
    {
        return 'Removing old finish';
    }

    public function choices(): array
    {
        return [
            new Choice('stripper', 'stripper', 'Works in mouldings and pores, and removes no wood.'),
            new Choice(
                'sanding',
                'sanding',
                'No chemicals and no rinse; quick on flat solid wood. Never for finishes that may contain lead.',
            ),
            new Choice(
                'scraper',
                'scraper',
                'Brittle varnish comes off in curls, without dust or chemicals. Never dry on finishes that may contain lead.',
            ),
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
