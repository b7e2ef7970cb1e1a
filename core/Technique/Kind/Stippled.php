<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Workmanship;

/**
 * Stippling takes twice the time of brushing and leaves the film thicker, with a relief that later coats catch.
 *
 * Half points, half hollows between them; the points stand out when dry.
 */
final class Stippled implements Technique
{
    public function key(): string
    {
        return 'stippled';
    }

    public function name(): string
    {
        return 'Stippled';
    }

    public function does(): string
    {
        return 'Dab the wet coat with the brush tip for a fine stipple.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(rate: 0.06, laid: 1.2, tools: [Tool::Brush, Tool::Sponge]);
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::of(
            spread: Spread::Points,
            field: [[0.5, 0.75], [0.5, 1.25]],
            edge: [[1.0, 0.9]],
            recess: [[0.5, 0.8], [0.5, 1.3]],
            pore: [[1.0, 1.0]],
        )->raising(0.6);
    }
}
