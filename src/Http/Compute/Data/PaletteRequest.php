<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\App\Http\Api\Field\Length;

/**
 * A palette file as text.
 */
final readonly class PaletteRequest
{
    public function __construct(#[Length(500_000)] public string $text)
    {
    }
}
