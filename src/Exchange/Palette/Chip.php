<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Palette;

/**
 * A colour with its name.
 *
 * Immutable.
 */
final readonly class Chip
{
    public function __construct(public string $name, public string $colour)
    {
    }
}
