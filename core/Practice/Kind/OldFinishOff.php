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
        return 'How is an old finish taken off?';
    }

    public function choices(): array
    {
        return [
            new Choice('stripper', 'With a stripper', 'It gets into mouldings and pores, and takes no wood.'),
            new Choice('sanding', 'By sanding', 'No chemistry and nothing to rinse; on flat solid wood it is quick. What may hold lead is not sanded.'),
            new Choice('scraper', 'With a scraper', 'Brittle old varnish comes off in curls, without dust or chemistry. What may hold lead is not scraped dry.'),
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
