<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Handles;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;

/**
 * Drawers, doors, hinges and pulls come off before the finish.
 */
final class TakenApart implements Technique
{
    use Handles;

    public function key(): string
    {
        return 'taken-apart';
    }

    public function name(): string
    {
        return 'Taken apart';
    }

    public function does(): string
    {
        return 'Remove what is finished separately: drawers, doors, hardware. Bag the screws and mark what belongs where.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::handling(each: 4.0);
    }
}
