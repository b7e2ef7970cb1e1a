<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Follows;
use Inlaid\Core\Technique\Overspray;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Workmanship;

/**
 * Most of the paint is off-loaded on a board before the brush meets the piece; a quarter of the surface catches
 * some.
 *
 * What stands proud catches it, edges first; recesses and pores are passed over.
 */
final class DryBrushed implements Technique
{
    public function key(): string
    {
        return 'dry-brushed';
    }

    public function name(): string
    {
        return 'Dry-brushed';
    }

    public function does(): string
    {
        return 'Off-load the brush until almost dry and drag it over the high places.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(
            rate: 0.1,
            laid: 0.4,
            cover: 0.25,
            loss: 0.3,
            holdUp: 3.0,
            reach: Overspray::Nowhere,
            tools: [Tool::Brush, Tool::ArtistsBrush, Tool::Finger],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        $caught = 0.25 * $manner->hand->factor();
        $edge = min(0.95, 0.6 * $manner->hand->factor());

        return Pattern::of(
            spread: Spread::Strokes,
            field: [[$caught, 1.0], [1 - $caught, 0.0]],
            edge: [[$edge, 1.2], [1 - $edge, 0.0]],
            recess: [[1.0, 0.0]],
            pore: [[1.0, 0.0]],
        )->following(Follows::Heights);
    }
}
