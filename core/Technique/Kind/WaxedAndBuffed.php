<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Overspray;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\WearsOut;
use Inlaid\Core\Technique\Workmanship;

/**
 * Half of what is rubbed in leaves with the buffing cloth; a few µm stay.
 *
 * The buffing cloth takes most from edges.
 */
final class WaxedAndBuffed implements Technique
{
    public function key(): string
    {
        return 'waxed';
    }

    public function name(): string
    {
        return 'Waxed and buffed';
    }

    public function does(): string
    {
        return 'Rub in a thin coat of wax, let it haze, buff it.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(
            rate: 0.06,
            laid: 1.0,
            left: 0.5,
            loss: 0.1,
            holdUp: 4.0,
            tools: [Tool::Hand, Tool::NylonPad, Tool::SteelWool, Tool::Brush],
            reach: Overspray::Nowhere,
            wears: WearsOut::rag(0.8),
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even(edge: 0.6, recess: 1.3, pore: 1.3);
    }
}
