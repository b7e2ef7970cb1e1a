<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Handles;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;

/**
 * What was taken off is put back.
 */
final class PutBack implements Technique
{
    use Handles;

    public function key(): string
    {
        return 'put-back';
    }

    public function name(): string
    {
        return 'Put back';
    }

    public function does(): string
    {
        return 'Put drawers, doors and hardware back, and set their gaps.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::handling(each: 5.0, can: [Ability::LaysDown]);
    }
}
