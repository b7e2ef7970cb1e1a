<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Handles;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;

/**
 * Pulls are marked, drilled from the face and the edge of the hole eased.
 */
final class Drilled implements Technique
{
    use Handles;

    public function key(): string
    {
        return 'drilled';
    }

    public function name(): string
    {
        return 'Drilled';
    }

    public function does(): string
    {
        return 'Drill for pulls, hinges or cables, before the last coats.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::handling(each: 3.0, dusty: true);
    }
}
