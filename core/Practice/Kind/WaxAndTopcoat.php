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
        return 'May wax lie under a topcoat?';
    }

    public function choices(): array
    {
        return [
            new Choice('wax-last', 'Never: wax comes last', 'Nothing water-based holds on wax.'),
            new Choice('detail-under', 'In sparse details, once cured', 'A little gilding or dark wax in the corners, cured for weeks, does not hold the coat off.'),
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
