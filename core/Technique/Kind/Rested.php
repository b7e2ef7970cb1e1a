<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Workmanship;

/**
 * Nobody works; time passes.
 */
final class Rested implements Technique
{
    public function key(): string
    {
        return 'rested';
    }

    public function name(): string
    {
        return 'Drying time';
    }

    public function does(): string
    {
        return 'Leave for the time you set.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::waiting();
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even();
    }
}
