<?php

declare(strict_types=1);

namespace Inlaid\Core\Purchase;

/**
 * What several recipes need together, and what is to be bought for them.
 *
 * Immutable. `price` null where a material has no known pack.
 */
final readonly class ShoppingList
{
    /**
     * @param list<ShoppingLine> $lines
     */
    public function __construct(public array $lines, public ?float $price)
    {
    }
}
