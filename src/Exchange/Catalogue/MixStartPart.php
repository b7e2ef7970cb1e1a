<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Catalogue;

/**
 * So many parts of a material of the catalogue. The share is an exact number as text.
 */
final readonly class MixStartPart
{
    public function __construct(public string $material, public string $share)
    {
    }
}
