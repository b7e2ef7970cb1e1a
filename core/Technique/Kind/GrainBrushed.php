<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Workmanship;

/**
 * Bronze or nylon bristles along the grain until the pores stand open.
 *
 * Late wood stands proud of the soft early wood, half and half.
 */
final class GrainBrushed implements Technique
{
    public function key(): string
    {
        return 'grain-brushed';
    }

    public function name(): string
    {
        return 'Grain brushed';
    }

    public function does(): string
    {
        return 'Brush along the grain to open soft early wood and pores.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::altering(
            rate: 0.05,
            takesMaterial: false,
            tools: [Tool::BronzeBrush, Tool::SteelBrush, Tool::StainlessBrush],
            can: [Ability::OpensGrain],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::of(
            spread: Spread::Strokes,
            field: [[0.5, 1.0], [0.5, 1.0]],
            edge: [[1.0, 1.0]],
            recess: [[1.0, 1.0]],
            pore: [[1.0, 1.0]],
        )->raising(0.8);
    }
}
