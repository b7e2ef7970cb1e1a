<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Workmanship;

/**
 * A pad lays about half of a brushed film, quickly and without marks.
 *
 * A pad rides over recesses.
 */
final class Padded implements Technique
{
    public function key(): string
    {
        return 'padded';
    }

    public function name(): string
    {
        return 'Pad-applied';
    }

    public function does(): string
    {
        return 'Wipe on a thin clear coat with a pad.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(rate: 0.2, laid: 0.5, loss: 0.1, holdUp: 10.0, tools: [Tool::Pad, Tool::DryRag, Tool::Sponge]);
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even(edge: 0.9, recess: 0.6);
    }
}
