<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\WearsOut;
use Inlaid\Core\Technique\Workmanship;

/**
 * Brush, vacuum, then a barely damp cloth.
 */
final class Dusted implements Technique
{
    public function key(): string
    {
        return 'dusted';
    }

    public function name(): string
    {
        return 'Dusted';
    }

    public function does(): string
    {
        return 'Vacuum and tack off all dust.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::altering(rate: 0.4, takesMaterial: false, wears: WearsOut::tackCloth(4.0), can: [Ability::Dusts]);
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even();
    }
}
