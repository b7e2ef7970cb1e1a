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
 * It soaks in and leaves next to no film.
 */
final class Conditioned implements Technique
{
    public function key(): string
    {
        return 'conditioned';
    }

    public function name(): string
    {
        return 'Conditioned';
    }

    public function does(): string
    {
        return 'Brush on conditioner so the wood takes stain evenly.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::altering(
            rate: 0.15,
            takesMaterial: true,
            can: [Ability::EvensAbsorption],
            tools: [Tool::DryRag, Tool::Brush, Tool::Sponge],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even();
    }
}
