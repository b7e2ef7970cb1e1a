<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\WearsOut;
use Inlaid\Core\Technique\Workmanship;

/**
 * Works on coats that water dissolves again, with no dust and soft transitions.
 *
 * Deepest where wear is worst, softly less beside it.
 */
final class DistressedWet implements Technique
{
    public function key(): string
    {
        return 'distressed-wet';
    }

    public function name(): string
    {
        return 'Distressed wet';
    }

    public function does(): string
    {
        return 'Rub edges and wear points with a damp cloth or pad.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::takingAway(
            rate: 0.07,
            removes: 40.0,
            cover: 0.1,
            wears: WearsOut::rag(1.5),
            can: [Ability::WearsWet],
            tools: [Tool::DampRag, Tool::NylonPad, Tool::Finger],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::whereWorn($manner, [[0.4, 1.0], [0.3, 0.6], [0.3, 0.3]]);
    }
}
