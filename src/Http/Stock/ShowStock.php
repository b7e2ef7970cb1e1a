<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Stock;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Stock\Data\Stock;
use Inlaid\App\Store\ShelfStock;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/stock', methods: 'GET')]
#[Describe('List stock', gives: Stock::class)]
final readonly class ShowStock
{
    public function __construct(private ShelfStock $stock)
    {
    }

    public function __invoke(): Stock
    {
        return Stock::of($this->stock);
    }
}
