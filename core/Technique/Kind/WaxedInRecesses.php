<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Figures;
use Inlaid\Core\Technique\Reach;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\WearsOut;

/**
 * Cleared from the flat with a clean cloth or clear wax, it stays in corners, mouldings and pores.
 */
final class WaxedInRecesses implements Technique
{
    public function key(): string
    {
        return 'waxed-recesses';
    }

    public function name(): string
    {
        return 'Waxed in the recesses';
    }

    public function does(): string
    {
        return 'Rub coloured wax into recesses and clear it from the flat.';
    }

    public function figures(): Figures
    {
        return Figures::laying(rate: 0.05, left: 0.15, loss: 0.15, holdUp: 4.0, reach: Reach::Nowhere, wears: WearsOut::rag(0.8));
    }
}
