<?php

declare(strict_types=1);

namespace Inlaid\Core\Practice\Kind;

use Inlaid\Core\Practice\Choice;
use Inlaid\Core\Practice\Practice;
use Inlaid\Core\Practice\WorkingDefaults;

/**
 * Wax last, or sparse details under the topcoat: it decides whether that wax is a finding.
 */
final class WaxAndTopcoat implements Practice
{
    public function key(): string
    {
        return 'wax-and-topcoat';
    }

    public function question(): string
    {
        return 'Wax under topcoat';
    }

    public function choices(): array
    {
        return [
            new Choice('wax-last', 'never (wax last)', 'Nothing water-based adheres to wax.'),
            new Choice(
                'detail-under',
                'on details only, once cured',
                'A little gilding or dark wax in corners, cured for weeks, doesn\'t stop a coat from adhering.',
            ),
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
