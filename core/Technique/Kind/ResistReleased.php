<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Follows;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Workmanship;

/**
 * What lies over the resist comes away with it.
 */
final class ResistReleased implements Technique
{
    public function key(): string
    {
        return 'resist-released';
    }

    public function name(): string
    {
        return 'Resist released';
    }

    public function does(): string
    {
        return 'Scrape or rub off the coats over the resist and clean off the residue.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::takingAway(
            rate: 0.06,
            removes: 60.0,
            cover: 0.1,
            can: [Ability::ReleasesResist],
            tools: [Tool::PlasticScraper, Tool::MetalScraper, Tool::NylonPad, Tool::Hand],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even()->following(Follows::Resist);
    }
}
