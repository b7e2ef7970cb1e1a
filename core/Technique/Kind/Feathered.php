<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Placement;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Workmanship;

/**
 * Only about half of the surface gets any, and that thins out to nothing.
 *
 * Strong where it is set down, feathered out in steps to nothing over half of the face.
 */
final class Feathered implements Technique
{
    public function key(): string
    {
        return 'glaze-feathered';
    }

    public function name(): string
    {
        return 'Glaze, feathered';
    }

    public function does(): string
    {
        return 'Apply glaze where it should be strongest and feather it out with a clean soft brush.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(
            rate: 0.04,
            laid: 0.5,
            cover: 0.5,
            wet: true,
            tools: [Tool::Brush, Tool::ArtistsBrush, Tool::Sponge, Tool::Gun],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        $levels = ($manner->where ?? Placement::FromRim)->run([[0.15, 1.6], [0.15, 1.1], [0.2, 0.5], [0.5, 0.0]]);

        return Pattern::of(spread: Spread::Placed, field: $levels, edge: $levels, recess: $levels, pore: $levels);
    }
}
