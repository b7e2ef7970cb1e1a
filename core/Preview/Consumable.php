<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

/**
 * Something that is used up besides material, and how many of it to have at hand.
 *
 * Immutable.
 */
final readonly class Consumable
{
    public function __construct(public string $name, public int $count)
    {
    }
}
