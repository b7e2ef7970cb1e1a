<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Stock;

/**
 * All that is left on the shelf, by material.
 */
final readonly class Stock
{
    /**
     * @param list<LeftOnShelf> $left
     */
    public function __construct(public array $left)
    {
    }
}
