<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Overspray;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Workmanship;

/**
 * It works on the wood and leaves no film.
 */
final class Bleached implements Technique
{
    public function key(): string
    {
        return 'bleached';
    }

    public function name(): string
    {
        return 'Bleached';
    }

    public function does(): string
    {
        return 'Brush on bleach evenly and let it work.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::altering(
            rate: 0.1,
            takesMaterial: true,
            reach: Overspray::Drips,
            can: [Ability::Bleaches],
            tools: [Tool::Sponge, Tool::Brush, Tool::DampRag],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even();
    }
}
