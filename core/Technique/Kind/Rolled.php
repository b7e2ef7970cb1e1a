<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Workmanship;

/**
 * A small roller lays about four fifths of a brushed film, twice as fast, and keeps a good deal of paint in its
 * pile.
 *
 * A roller bridges recesses and pores.
 */
final class Rolled implements Technique
{
    public function key(): string
    {
        return 'rolled';
    }

    public function name(): string
    {
        return 'Rolled';
    }

    public function does(): string
    {
        return 'Roll a thin, even coat with a small foam or short-pile roller.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(rate: 0.25, laid: 0.8, loss: 0.08, holdUp: 25.0, tools: [Tool::FoamRoller, Tool::FeltRoller]);
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even(recess: 0.6, pore: 0.85);
    }
}
