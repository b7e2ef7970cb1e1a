<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Figures;
use Inlaid\Core\Technique\Technique;

/**
 * The reference every other technique is measured against: one normal wet film over all of the surface, about
 * two square metres in a quarter of an hour on furniture.
 */
final class BrushedFull implements Technique
{
    public function key(): string
    {
        return 'brushed';
    }

    public function name(): string
    {
        return 'Brushed';
    }

    public function does(): string
    {
        return 'Brush a full, even coat and lay it off along the grain.';
    }

    public function figures(): Figures
    {
        return Figures::laying(rate: 0.12, byBrush: true);
    }
}
