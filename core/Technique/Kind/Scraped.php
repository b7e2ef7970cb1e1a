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
 * A sharp edge takes a brittle old film off dry, in curls rather than dust, and hardly any wood.
 *
 * A straight edge leaves remains in recesses and pores.
 */
final class Scraped implements Technique
{
    public function key(): string
    {
        return 'scraped';
    }

    public function name(): string
    {
        return 'Scraped';
    }

    public function does(): string
    {
        return 'Scrape off the old finish along the grain with a sharp edge.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::takingAway(
            rate: 0.02,
            removes: 60.0,
            tools: [Tool::MetalScraper, Tool::PlasticScraper],
            can: [Ability::Scrapes],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even(recess: 0.5, pore: 0.3);
    }
}
