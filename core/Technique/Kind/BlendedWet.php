<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Placement;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Workmanship;

/**
 * A full coat, but the meeting line is worked over several times.
 *
 * Full over a third, then softened out in even steps over another third; two that run out opposite ways meet in the middle. So each takes
 * half of the area, of the paint of a coat, and of the time.
 */
final class BlendedWet implements Technique
{
    public function key(): string
    {
        return 'blended';
    }

    public function name(): string
    {
        return 'Blended';
    }

    public function does(): string
    {
        return 'Apply colours side by side and blend the joins while wet.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(
            rate: 0.1,
            cover: 0.5,
            loss: 0.08,
            wet: true,
            can: [Ability::Blends],
            tools: [Tool::Brush, Tool::FoamRoller, Tool::Sponge, Tool::Gun],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        $levels = ($manner->where ?? Placement::TopDown)->run($manner->blend?->levels() ?? [
            [0.34, 1.0],
            [0.08, 0.8],
            [0.08, 0.6],
            [0.08, 0.4],
            [0.08, 0.2],
            [0.34, 0.0],
        ]);

        return Pattern::of(spread: Spread::Placed, field: $levels, edge: $levels, recess: $levels, pore: $levels);
    }
}
