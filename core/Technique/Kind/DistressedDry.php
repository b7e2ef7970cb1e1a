<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\WearsOut;
use Inlaid\Core\Technique\Workmanship;

/**
 * Fine paper on the edges that hands and time would wear.
 *
 * Deepest where wear is worst, half of that beside it.
 */
final class DistressedDry implements Technique
{
    public function key(): string
    {
        return 'distressed-dry';
    }

    public function name(): string
    {
        return 'Distressed dry';
    }

    public function does(): string
    {
        return 'Sand edges and wear points through to the layers below.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::takingAway(
            rate: 0.08,
            removes: 60.0,
            cover: 0.1,
            tools: [Tool::Hand, Tool::Machine, Tool::SteelWool, Tool::Detail, Tool::SandingSponge, Tool::MetalScraper],
            wears: WearsOut::sheet(2.0),
            dusty: true,
            can: [Ability::WearsDry],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::whereWorn($manner, [[0.6, 1.0], [0.4, 0.5]]);
    }
}
