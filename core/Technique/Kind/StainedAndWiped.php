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
 * What the wood does not take within the dwell is wiped away.
 *
 * Pores and end grain drink more than the flat.
 */
final class StainedAndWiped implements Technique
{
    public function key(): string
    {
        return 'stained-wiped';
    }

    public function name(): string
    {
        return 'Stained and wiped';
    }

    public function does(): string
    {
        return 'Flood the wood with stain and wipe off the excess.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(
            rate: 0.12,
            left: 0.25,
            wipedOn: 0.9,
            loss: 0.12,
            wears: WearsOut::rag(0.8),
            wet: true,
            can: [Ability::RubsWet],
            tools: [Tool::DryRag, Tool::Brush, Tool::Sponge, Tool::FoamRoller, Tool::Gun],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even(edge: 1.1, recess: 1.15, pore: 1.5);
    }
}
