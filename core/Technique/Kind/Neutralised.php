<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Workmanship;

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
        return 'Wipe with the neutraliser on the stripper or bleach label.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::altering(
            rate: 0.2,
            takesMaterial: true,
            can: [Ability::Neutralises],
            tools: [Tool::DampRag, Tool::Sponge],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even();
    }
}
