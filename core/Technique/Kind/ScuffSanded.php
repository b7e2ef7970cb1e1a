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
 * Only the shine goes: two or three µm.
 *
 * Edges take the pressure; paper does not reach pores and hardly recesses.
 */
final class ScuffSanded implements Technique
{
    public function key(): string
    {
        return 'scuff-sanded';
    }

    public function name(): string
    {
        return 'Scuff-sanded';
    }

    public function does(): string
    {
        return 'Dull the surface with fine paper so the next coat adheres.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::takingAway(
            rate: 0.2,
            removes: 3.0,
            tools: [Tool::Hand, Tool::Machine, Tool::NylonPad, Tool::SteelWool, Tool::Detail, Tool::SandingSponge],
            atGrit: 240,
            wears: WearsOut::sheet(1.5),
            dusty: true,
            can: [Ability::Scuffs],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even(edge: 1.5, recess: 0.3, pore: 0.0);
    }
}
