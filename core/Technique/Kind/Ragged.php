<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Workmanship;

/**
 * The rag lifts some two fifths of the wet coat in broken patches.
 *
 * Two fifths of the surface are lifted almost bare, by a heavy hand more; what the rag lifts it lays down beside.
 */
final class Ragged implements Technique
{
    public function key(): string
    {
        return 'ragged';
    }

    public function name(): string
    {
        return 'Ragged';
    }

    public function does(): string
    {
        return 'Roll or dab a crumpled rag through a wet coat.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(
            rate: 0.07,
            left: 0.6,
            loss: 0.1,
            can: [Ability::RubsWet],
            tools: [Tool::DampRag, Tool::DryRag, Tool::Sponge],
        );
    }

    public function pattern(Workmanship $manner): Pattern
    {
        $lifted = 0.4 * $manner->hand->factor();

        return Pattern::of(
            spread: Spread::Patches,
            field: [[$lifted, 0.3], [1 - $lifted, (1 - 0.3 * $lifted) / (1 - $lifted)]],
            edge: [[1.0, 0.8]],
            recess: [[1.0, 1.3]],
            pore: [[1.0, 1.1]],
        );
    }
}
