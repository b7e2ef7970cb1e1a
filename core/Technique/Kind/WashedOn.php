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
 * A wash left alone: thin stuff runs, so a little less of it is carried than of full paint.
 *
 * Thin stuff gathers along strokes, and runs off edges into corners and pores.
 */
final class WashedOn implements Technique
{
    public function key(): string
    {
        return 'washed-on';
    }

    public function name(): string
    {
        return 'Wash, left on';
    }

    public function does(): string
    {
        return 'Brush on a thin wash and let it dry.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(
            rate: 0.12,
            laid: 0.8,
            tools: [Tool::Brush, Tool::DampRag, Tool::Sponge, Tool::FoamRoller, Tool::Gun, Tool::Can],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::of(
            spread: Spread::Strokes,
            field: [[0.3, 0.7], [0.4, 1.0], [0.3, 1.3]],
            edge: [[1.0, 0.8]],
            recess: [[1.0, 1.5]],
            pore: [[1.0, 1.4]],
        )->settling();
    }
}
