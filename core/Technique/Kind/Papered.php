<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Layout\LayoutKind;
use Inlaid\Core\Technique\Overspray;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Workmanship;

/**
 * Sheets laid into a wet coat of paste, medium or size and smoothed from the middle out; typical of two square metres an hour.
 *
 * A sheet lies on the flat and over its edges; in recesses and pores there is nothing but paste. What is seen of it is the colour that its
 * layout states: without one the ground is reckoned to show.
 */
final class Papered implements Technique
{
    public function key(): string
    {
        return 'papered';
    }

    public function name(): string
    {
        return 'Paper or leaf';
    }

    public function does(): string
    {
        return 'Apply paper or leaf into a wet coat, with seams.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(
            rate: 0.035,
            laid: 0.7,
            loss: 0.1,
            reach: Overspray::Nowhere,
            laidOut: [LayoutKind::Sheets],
            tools: [Tool::Brush, Tool::FoamRoller],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even(recess: 0.0, pore: 0.0);
    }
}
