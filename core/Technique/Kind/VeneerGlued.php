<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Handles;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;

/**
 * Glue, paper and clamps.
 */
final class VeneerGlued implements Technique
{
    use Handles;

    public function key(): string
    {
        return 'veneer-glued';
    }

    public function name(): string
    {
        return 'Veneer glued';
    }

    public function does(): string
    {
        return 'Glue down loose or missing veneer, and clamp it until the glue holds.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::handling(each: 15.0);
    }
}
