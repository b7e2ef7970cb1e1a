<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Figures;
use Inlaid\Core\Technique\Technique;

/**
 * Only about half of the surface gets any, and that thins out to nothing.
 */
final class Feathered implements Technique
{
    public function key(): string
    {
        return 'glaze-feathered';
    }

    public function name(): string
    {
        return 'Glaze, feathered out';
    }

    public function does(): string
    {
        return 'Lay glaze where it is to be strong and feather it out with a clean soft brush.';
    }

    public function figures(): Figures
    {
        return Figures::laying(rate: 0.04, laid: 0.5, cover: 0.5);
    }
}
