<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Figures;
use Inlaid\Core\Technique\Technique;

/**
 * Stippling takes twice the time of brushing and leaves the film thicker, with a relief that later coats catch.
 */
final class Stippled implements Technique
{
    public function key(): string
    {
        return 'stippled';
    }

    public function name(): string
    {
        return 'Stippled';
    }

    public function does(): string
    {
        return 'Dab the wet coat with the brush tip so that it stands in fine points.';
    }

    public function figures(): Figures
    {
        return Figures::laying(rate: 0.06, laid: 1.2);
    }
}
