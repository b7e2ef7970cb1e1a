<?php

declare(strict_types=1);

namespace Inlaid\Core\Material;

use Inlaid\Core\Measure\Quantity;

/**
 * A size it is sold in, and what that costs in the studio's currency.
 *
 * Immutable.
 */
final readonly class Pack
{
    private function __construct(public Quantity $size, public float $price)
    {
    }

    /**
     * @throws InvalidMaterial if the pack is empty or the price negative
     */
    public static function of(Quantity $size, float $price): self
    {
        if (!$size->amount->isPositive()) {
            throw InvalidMaterial::outOfRange('A pack', 'above 0');
        }

        return $price >= 0.0 ? new self($size, $price) : throw InvalidMaterial::outOfRange('A price', '0 or more');
    }
}
