<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Layout\LayoutKind;
use Inlaid\Core\Technique\Overspray;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Placement;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Workmanship;

/**
 * A tenth of the field is a broad border; thin lines are less. Taping is most of the time.
 *
 * Clear of edges and recesses. Laid out by measure, it covers what the stripes or the lines do.
 */
final class Striped implements Technique
{
    public function key(): string
    {
        return 'striped';
    }

    public function name(): string
    {
        return 'Lined or striped';
    }

    public function does(): string
    {
        return 'Draw lines or stripes along tape or a guide.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(
            rate: 0.03,
            cover: 0.1,
            loss: 0.15,
            holdUp: 2.0,
            reach: Overspray::Nowhere,
            laidOut: [LayoutKind::Stripes, LayoutKind::Border],
            tools: [Tool::Brush, Tool::ArtistsBrush, Tool::FoamRoller, Tool::Can],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        $share = $manner->share ?? 0.1;
        $figures = null === $manner->where ? [[$share, 1.0]] : Placement::fading($share);

        return Pattern::of(
            spread: Spread::Stripes,
            field: [...$figures, [1 - $share, 0.0]],
            edge: [[1.0, 0.0]],
            recess: [[1.0, 0.0]],
            pore: [[$share, 1.0], [1 - $share, 0.0]],
        );
    }
}
