<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Workmanship;

/**
 * The reference every other technique is measured against: one normal wet film over all of the surface, about
 * two square metres in a quarter of an hour on furniture.
 *
 * A brush is drawn thin over an edge and leaves a little more in corners.
 */
final class BrushedFull implements Technique
{
    public function key(): string
    {
        return 'brushed';
    }

    public function name(): string
    {
        return 'Brushed';
    }

    public function does(): string
    {
        return 'Brush a full, even coat and lay it off along the grain.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(
            rate: 0.12,
            byBrush: true,
            tools: [Tool::Brush, Tool::RolledAndLaidOff, Tool::BrushAndRoller, Tool::ArtistsBrush, Tool::Pad, Tool::Sponge],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even(edge: 0.85, recess: 1.1);
    }
}
