<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Handles;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;

/**
 * What is screwed to a finished face presses on it.
 */
final class FittedUp implements Technique
{
    use Handles;

    public function key(): string
    {
        return 'fitted-up';
    }

    public function name(): string
    {
        return 'Fitted up';
    }

    public function does(): string
    {
        return 'Fit pads, feet, pulls and locks.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::handling(each: 4.0, can: [Ability::LaysDown]);
    }
}
