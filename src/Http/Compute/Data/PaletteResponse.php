<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\App\Exchange\Palette\Chip;

/**
 * The colours of a palette.
 *
 * Immutable.
 */
final readonly class PaletteResponse
{
    /**
     * @param list<Chip> $chips
     */
    public function __construct(public array $chips)
    {
    }
}
