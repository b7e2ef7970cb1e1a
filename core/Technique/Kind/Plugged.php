<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Handles;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;

/**
 * Each hole by itself.
 */
final class Plugged implements Technique
{
    use Handles;

    public function key(): string
    {
        return 'plugged';
    }

    public function name(): string
    {
        return 'Plugged';
    }

    public function does(): string
    {
        return 'Glue plugs or dowels into old holes and cut them flush.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::handling(each: 6.0, dusty: true);
    }
}
