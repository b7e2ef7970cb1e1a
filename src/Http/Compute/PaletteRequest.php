<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

/**
 * A palette file as text.
 */
final readonly class PaletteRequest
{
    public function __construct(public string $text)
    {
    }
}
