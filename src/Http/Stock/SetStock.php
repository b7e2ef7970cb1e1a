<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Stock;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Stock\Data\SetStockRequest;
use Inlaid\App\Http\Stock\Data\Stock;
use Inlaid\App\Store\ShelfStock;
use Inlaid\Core\Measure\Quantity;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/stock/{id}', methods: 'PUT')]
#[Describe('Set the stock of a material', takes: SetStockRequest::class, gives: Stock::class)]
final readonly class SetStock
{
    public function __construct(private ShelfStock $stock)
    {
    }

    public function __invoke(string $id, SetStockRequest $asked): Stock
    {
        $left = null === $asked->amount ? null : InvalidInput::around(
            '/amount',
            static fn (): Quantity => Quantity::of($asked->unit->dimension(), $asked->amount),
        );
        $this->stock->count(materialId: $id, left: $left, openedOn: $asked->openedOn, useBy: $asked->useBy);

        return Stock::of($this->stock);
    }
}
