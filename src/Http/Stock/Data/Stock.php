<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Stock\Data;

use Inlaid\App\Store\ShelfStock;

/**
 * All that is left on the shelf, by material.
 */
final readonly class Stock
{
    /**
     * @param list<StockLine> $left
     */
    public function __construct(public array $left)
    {
    }

    public static function of(ShelfStock $stock): self
    {
        return new self(array_map(StockLine::of(...), $stock->all()));
    }
}
