<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Figures;
use Inlaid\Core\Technique\Technique;

/**
 * Crossing strokes leave ridges, so a little more paint lies there, and takes longer than laying off.
 */
final class CrossHatched implements Technique
{
    public function key(): string
    {
        return 'cross-hatched';
    }

    public function name(): string
    {
        return 'Cross-hatched';
    }

    public function does(): string
    {
        return 'Brush short crossing strokes that leave a broken, lively coat.';
    }

    public function figures(): Figures
    {
        return Figures::laying(rate: 0.09, laid: 1.1, cover: 0.95);
    }
}
