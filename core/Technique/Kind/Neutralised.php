<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Manner;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;

/**
 * As quick as rinsing, with a little more care at joints.
 */
final class Neutralised implements Technique
{
    public function key(): string
    {
        return 'neutralised';
    }

    public function name(): string
    {
        return 'Neutralised';
    }

    public function does(): string
    {
        return 'Wipe with what the stripper or bleach label asks for to stop it working.';
    }

    public function figures(): TechniqueProfile
    {
        return TechniqueProfile::altering(rate: 0.2, takesMaterial: true);
    }

    public function pattern(Manner $manner): Pattern
    {
        return Pattern::even();
    }
}
