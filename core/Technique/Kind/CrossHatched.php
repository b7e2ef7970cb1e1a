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
 * Crossing strokes leave ridges, so a little more paint lies there, and takes longer than laying off.
 *
 * Where strokes cross there is twice what lies between, softened by flow: a third thick, a third thin.
 */
final class CrossHatched implements Technique
{
    public function key(): string
    {
        return 'cross-hatched';
    }

    public function name(): string
    {
        return 'Cross-hatched';
    }

    public function does(): string
    {
        return 'Brush short crossing strokes that leave a broken, lively coat.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(rate: 0.09, laid: 1.1, cover: 0.95, tools: [Tool::Brush]);
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::of(
            spread: Spread::Crossed,
            field: [[0.3, 0.65], [0.4, 1.0], [0.3, 1.35]],
            edge: [[1.0, 0.8]],
            recess: [[1.0, 1.2]],
            pore: [[1.0, 1.1]],
        )->raising(0.4);
    }
}
