<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Manner;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Placement;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;

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
        return 'Glaze, feathered out';
    }

    public function does(): string
    {
        return 'Lay glaze where it is to be strong and feather it out with a clean soft brush.';
    }

    public function figures(): TechniqueProfile
    {
        return TechniqueProfile::laying(rate: 0.04, laid: 0.5, cover: 0.5, wet: true);
    }

    public function pattern(Manner $manner): Pattern
    {
        $levels = ($manner->where ?? Placement::FromRim)->run([[0.15, 1.6], [0.15, 1.1], [0.2, 0.5], [0.5, 0.0]]);

        return Pattern::of(Spread::Placed, $levels, $levels, $levels, $levels);
    }
}
