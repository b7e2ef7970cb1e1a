<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

/**
 * Pour this in until the level reaches the mark.
 *
 * Immutable. `upTo` in ml in the cup; `height` in mm above the inside bottom, null where it would overflow.
 */
final readonly class Mark
{
    public function __construct(public string $materialId, public string $name, public float $upTo, public ?float $height)
    {
    }
}
