<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Figures;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\WearsOut;

/**
 * Glaze is laid sparingly and mostly wiped away on the flat.
 */
final class GlazedAndWiped implements Technique
{
    public function key(): string
    {
        return 'glazed-wiped';
    }

    public function name(): string
    {
        return 'Glazed and wiped';
    }

    public function does(): string
    {
        return 'Brush on a glaze and wipe it back so that it stays in recesses and pores.';
    }

    public function figures(): Figures
    {
        return Figures::laying(rate: 0.06, laid: 0.8, left: 0.3, loss: 0.1, wears: WearsOut::rag(0.8));
    }
}
