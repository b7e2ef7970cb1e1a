<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots\Data;

/**
 * What evaporated from a pot: `grams` such as "15 g" of one of its materials.
 */
final readonly class EvaporatePotRequest
{
    public function __construct(public string $material, public string $grams)
    {
    }
}
