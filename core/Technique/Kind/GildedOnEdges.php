<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Figures;
use Inlaid\Core\Technique\Reach;
use Inlaid\Core\Technique\Technique;

/**
 * Only what stands proud is touched: a twentieth of a panelled front.
 */
final class GildedOnEdges implements Technique
{
    public function key(): string
    {
        return 'gilded';
    }

    public function name(): string
    {
        return 'Gilded on the edges';
    }

    public function does(): string
    {
        return 'Rub gilding wax or metallic paint on edges and mouldings with a finger or pad.';
    }

    public function figures(): Figures
    {
        return Figures::laying(rate: 0.02, laid: 0.6, cover: 0.06, loss: 0.2, holdUp: 1.0, reach: Reach::Nowhere);
    }
}
