<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Overspray;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Within;
use Inlaid\Core\Technique\Workmanship;

/**
 * Only what stands proud is touched: a twentieth of a panelled front.
 *
 * A finger touches three fifths of the edges, a heavy hand nearly all of them, and hardly any of the flat.
 */
final class GildedOnEdges implements Technique
{
    public function key(): string
    {
        return 'gilded';
    }

    public function name(): string
    {
        return 'Edges gilded';
    }

    public function does(): string
    {
        return 'Rub gilding wax or metallic paint onto edges and mouldings with a finger or pad.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(
            rate: 0.02,
            laid: 0.6,
            cover: 0.06,
            loss: 0.2,
            holdUp: 1.0,
            reach: Overspray::Nowhere,
            tools: [Tool::Finger, Tool::ArtistsBrush, Tool::Brush, Tool::Sponge],
            within: [Within::Edges],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        $touched = 0.6 * $manner->hand->factor();

        return Pattern::of(
            spread: Spread::Worn,
            field: [[0.01, 1.0], [0.99, 0.0]],
            edge: [[$touched, 1.0], [1 - $touched, 0.0]],
            recess: [[1.0, 0.0]],
            pore: [[1.0, 0.0]],
        );
    }
}
