<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Figures;
use Inlaid\Core\Technique\Technique;

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

    public function figures(): Figures
    {
        return Figures::takingAway(rate: 0.06, removes: 60.0, cover: 0.1);
    }
}
