<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Workmanship;

/**
 * Set down in loose patches for later coats to let through: half of the surface, a heavy hand more.
 *
 * Within a patch it is thick in the middle and thin towards its rim.
 */
final class PatchyUndertone implements Technique
{
    public function key(): string
    {
        return 'undertone-patchy';
    }

    public function name(): string
    {
        return 'Patchy undertone';
    }

    public function does(): string
    {
        return 'Apply colour in loose patches that show through later coats.';
    }

    public function profile(): TechniqueProfile
    {
        return TechniqueProfile::laying(rate: 0.1, cover: 0.5, tools: [Tool::Brush, Tool::Sponge, Tool::DryRag]);
    }

    public function pattern(Workmanship $manner): Pattern
    {
        $share = 0.5 * $manner->hand->factor();

        return Pattern::of(
            spread: Spread::Patches,
            field: [[0.6 * $share, 1.2], [0.4 * $share, 0.7], [1 - $share, 0.0]],
            edge: [[$share, 1.0], [1 - $share, 0.0]],
            recess: [[$share, 1.1], [1 - $share, 0.0]],
            pore: [[$share, 1.0], [1 - $share, 0.0]],
        );
    }
}
