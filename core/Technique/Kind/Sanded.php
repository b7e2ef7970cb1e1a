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
 * By hand with medium grit a pass takes a few hundredths of a millimetre of wood or film.
 *
 * Edges take the pressure; paper does not reach pores and hardly recesses.
 */
final class Sanded implements Technique
{
    public function key(): string
    {
        return 'sanded';
    }

    public function name(): string
    {
        return 'Sanded';
    }

    public function does(): string
    {
        return 'Sand with the grit you set.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::takingAway(
            rate: 0.08,
            removes: 40.0,
            tools: [Tool::Hand, Tool::Machine, Tool::Belt, Tool::Detail, Tool::SandingSponge],
            atGrit: 120,
            wears: WearsOut::sheet(0.5),
            dusty: true,
            can: [Ability::Sands],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even(edge: 1.4, recess: 0.3, pore: 0.0);
    }
}
