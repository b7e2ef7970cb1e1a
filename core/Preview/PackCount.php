<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

/**
 * So many packs of one size.
 *
 * Immutable.
 */
final readonly class PackCount
{
    public function __construct(public int $count, public string $size, public float $price)
    {
    }
}
