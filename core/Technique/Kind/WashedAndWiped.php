<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Figures;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\WearsOut;

/**
 * Typically a third of a wash stays after one wiping with a folded cloth; the rest leaves with the rag, so it is
 * needed but makes no film.
 */
final class WashedAndWiped implements Technique
{
    public function key(): string
    {
        return 'washed-wiped';
    }

    public function name(): string
    {
        return 'Washed and wiped';
    }

    public function does(): string
    {
        return 'Brush on a thin wash, let it dwell, wipe it back.';
    }

    public function figures(): Figures
    {
        return Figures::laying(rate: 0.07, left: 0.35, loss: 0.1, wears: WearsOut::rag(0.8));
    }
}
