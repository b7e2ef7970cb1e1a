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
 * The coat just laid is gone over without new paint: its thick and thin places even out.
 */
final class Reworked implements Technique
{
    public function key(): string
    {
        return 'reworked';
    }

    public function name(): string
    {
        return 'Worked over wet';
    }

    public function does(): string
    {
        return 'Tap, stipple or tip off the wet coat, with no new paint.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::altering(
            rate: 0.15,
            takesMaterial: false,
            tools: [Tool::Brush, Tool::DryRag, Tool::Sponge, Tool::ArtistsBrush],
            can: [Ability::EvensFilm],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even();
    }
}
