<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Figures;
use Inlaid\Core\Technique\Technique;

/**
 * A wash left alone: thin stuff runs, so a little less of it is carried than of full paint.
 */
final class WashedOn implements Technique
{
    public function key(): string
    {
        return 'washed-on';
    }

    public function name(): string
    {
        return 'Washed on';
    }

    public function does(): string
    {
        return 'Brush on a thin wash and leave it to dry.';
    }

    public function figures(): Figures
    {
        return Figures::laying(rate: 0.12, laid: 0.8);
    }
}
