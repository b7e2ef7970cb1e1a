<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\WearsOut;
use Inlaid\Core\Technique\Workmanship;

/**
 * A film of oil left standing stays sticky; almost all of what the wood does not drink is wiped away.
 *
 * Pores and corners keep a little more.
 */
final class OiledAndWiped implements Technique
{
    public function key(): string
    {
        return 'oiled-wiped';
    }

    public function name(): string
    {
        return 'Oiled';
    }

    public function does(): string
    {
        return 'Flood with oil, let it soak in, wipe off the excess.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(
            rate: 0.1,
            left: 0.2,
            wipedOn: 0.9,
            loss: 0.12,
            wears: WearsOut::rag(0.8),
            tools: [Tool::DryRag, Tool::Brush, Tool::Sponge, Tool::FoamRoller, Tool::NylonPad],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        return Pattern::even(recess: 1.2, pore: 1.3);
    }
}
