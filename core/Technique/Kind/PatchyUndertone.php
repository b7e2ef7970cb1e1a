<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Manner;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;

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
        return 'Undertone in patches';
    }

    public function does(): string
    {
        return 'Set colour down in loose patches that later coats let through.';
    }

    public function figures(): TechniqueProfile
    {
        return TechniqueProfile::laying(rate: 0.1, cover: 0.5);
    }

    public function pattern(Manner $manner): Pattern
    {
        $share = 0.5 * $manner->hand->factor();

        return Pattern::of(Spread::Patches, [[0.6 * $share, 1.2], [0.4 * $share, 0.7], [1 - $share, 0.0]], [[$share, 1.0], [1 - $share, 0.0]], [[$share, 1.1], [1 - $share, 0.0]], [[$share, 1.0], [1 - $share, 0.0]]);
    }
}
