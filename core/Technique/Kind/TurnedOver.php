<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Handles;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;

/**
 * A finished side comes to lie on blocks.
 */
final class TurnedOver implements Technique
{
    use Handles;

    public function key(): string
    {
        return 'turned-over';
    }

    public function name(): string
    {
        return 'Turned over';
    }

    public function does(): string
    {
        return 'Turn the piece or a part over, onto blocks or a blanket.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::handling(each: 3.0, can: [Ability::LaysDown]);
    }
}
