<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Layout\LayoutKind;
use Inlaid\Core\Technique\Overspray;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Placement;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\WearsOut;
use Inlaid\Core\Technique\Workmanship;

/**
 * Slow work with little paint: the stencil leaves about a third of its field open.
 *
 * The stencil lies on the flat; an almost dry brush does not go deep into pores.
 */
final class Stencilled implements Technique
{
    public function key(): string
    {
        return 'stencilled';
    }

    public function name(): string
    {
        return 'Stencilled';
    }

    public function does(): string
    {
        return 'Dab an almost dry brush through a stencil.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(
            rate: 0.02,
            laid: 0.5,
            cover: 0.3,
            loss: 0.3,
            holdUp: 3.0,
            reach: Overspray::Nowhere,
            wears: WearsOut::stencil(1.5),
            laidOut: [LayoutKind::Motifs],
            tools: [Tool::Brush, Tool::Sponge, Tool::FoamRoller, Tool::Can, Tool::Squeegee],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        $share = $manner->share ?? 0.3;
        $figures = null === $manner->where ? [[$share, 1.0]] : Placement::fading($share);

        return Pattern::of(
            spread: Spread::Motifs,
            field: [...$figures, [1 - $share, 0.0]],
            edge: [[1.0, 0.0]],
            recess: [[1.0, 0.0]],
            pore: [[$share, 0.8], [1 - $share, 0.0]],
        );
    }
}
