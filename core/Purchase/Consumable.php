<?php

declare(strict_types=1);

namespace Inlaid\Core\Purchase;

/**
 * Something that is used up besides material, and how many of it to have at hand.
 *
 * Immutable. `unit` where it is not counted by the piece: m of tape, m² of sheet.
 */
final readonly class Consumable
{
    public function __construct(public string $name, public int $count, public ?string $unit = null)
    {
    }
}
