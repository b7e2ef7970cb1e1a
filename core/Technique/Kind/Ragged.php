<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique\Kind;

use Inlaid\Core\Technique\Figures;
use Inlaid\Core\Technique\Technique;

/**
 * The rag lifts some two fifths of the wet coat in broken patches.
 */
final class Ragged implements Technique
{
    public function key(): string
    {
        return 'ragged';
    }

    public function name(): string
    {
        return 'Ragged';
    }

    public function does(): string
    {
        return 'Roll or dab a crumpled rag through a wet coat.';
    }

    public function figures(): Figures
    {
        return Figures::laying(rate: 0.07, left: 0.6, loss: 0.1);
    }
}
