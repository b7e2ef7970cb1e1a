<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Handles;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;

/**
 * Two people and a blanket.
 */
final class Carried implements Technique
{
    use Handles;

    public function key(): string
    {
        return 'carried';
    }

    public function name(): string
    {
        return 'Carried';
    }

    public function does(): string
    {
        return 'Carry it to where you work on it, or where it dries.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::handling(each: 5.0);
    }
}
