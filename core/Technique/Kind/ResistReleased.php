<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Follows;
use Inlaid\Core\Technique\Manner;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;

/**
 * What lies over the resist comes away with it.
 */
final class ResistReleased implements Technique
{
    public function key(): string
    {
        return 'resist-released';
    }

    public function name(): string
    {
        return 'Resist released';
    }

    public function does(): string
    {
        return 'Scrape or rub off what lies on the resist, and clean its residue away.';
    }

    public function figures(): TechniqueProfile
    {
        return TechniqueProfile::takingAway(rate: 0.06, removes: 60.0, cover: 0.1);
    }

    public function pattern(Manner $manner): Pattern
    {
        return Pattern::even()->following(Follows::Resist);
    }
}
