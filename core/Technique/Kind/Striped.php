<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Figures;
use Inlaid\Core\Technique\Manner;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Reach;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Technique;

/**
 * A tenth of the field is a broad border; thin lines are less. Taping is most of the time.
 *
 * Clear of edges and recesses.
 */
final class Striped implements Technique
{
    public function key(): string
    {
        return 'striped';
    }

    public function name(): string
    {
        return 'Lined or striped';
    }

    public function does(): string
    {
        return 'Draw lines or stripes along tape or a guide.';
    }

    public function figures(): Figures
    {
        return Figures::laying(rate: 0.03, cover: 0.1, loss: 0.15, holdUp: 2.0, reach: Reach::Nowhere);
    }

    public function pattern(Manner $manner): Pattern
    {
        return Pattern::of(Spread::Stripes, [[0.1, 1.0], [0.9, 0.0]], [[1.0, 0.0]], [[1.0, 0.0]], [[0.1, 1.0], [0.9, 0.0]]);
    }
}
