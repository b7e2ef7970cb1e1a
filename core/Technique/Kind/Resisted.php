<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Overspray;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Workmanship;

/**
 * Only edges and worn places get it: about a seventh of the surface.
 *
 * Rubbed on where wear will be, not into recesses or pores.
 */
final class Resisted implements Technique
{
    public function key(): string
    {
        return 'resist-laid';
    }

    public function name(): string
    {
        return 'Resist applied';
    }

    public function does(): string
    {
        return 'Rub or dab on resist where later coats should come off.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(
            rate: 0.08,
            laid: 0.5,
            cover: 0.15,
            loss: 0.1,
            holdUp: 2.0,
            reach: Overspray::Nowhere,
            can: [Ability::LaysResist],
            tools: [Tool::Brush, Tool::Finger, Tool::DryRag],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::whereWorn($manner, [[1.0, 1.0]]);
    }
}
