<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Figures;
use Inlaid\Core\Technique\Technique;

/**
 * A full coat, but the meeting line is worked over several times.
 */
final class BlendedWet implements Technique
{
    public function key(): string
    {
        return 'blended';
    }

    public function name(): string
    {
        return 'Blended between colours';
    }

    public function does(): string
    {
        return 'Lay two colours side by side and soften the meeting line while both are wet.';
    }

    public function figures(): Figures
    {
        return Figures::laying(rate: 0.05, loss: 0.08);
    }
}
