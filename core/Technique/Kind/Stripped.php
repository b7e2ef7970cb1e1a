<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Overspray;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\WearsOut;
use Inlaid\Core\Technique\Workmanship;

/**
 * One pass lifts about the thickness of a few old coats.
 *
 * The last remains stay in recesses and pores.
 */
final class Stripped implements Technique
{
    public function key(): string
    {
        return 'stripped';
    }

    public function name(): string
    {
        return 'Stripped';
    }

    public function does(): string
    {
        return 'Apply stripper thickly, let it dwell, scrape off the old finish.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::takingAway(
            rate: 0.03,
            removes: 100.0,
            takesMaterial: true,
            tools: [Tool::PlasticScraper, Tool::MetalScraper, Tool::NylonPad, Tool::SteelWool],
            reach: Overspray::Drips,
            wears: WearsOut::pad(0.8),
            can: [Ability::Strips],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even(recess: 0.7, pore: 0.6);
    }
}
