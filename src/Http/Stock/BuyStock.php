<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Stock;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadBench;
use Inlaid\App\Http\Stock\Data\PurchaseRequest;
use Inlaid\App\Http\Stock\Data\Stock;
use Inlaid\App\Store\Booking;
use Inlaid\App\Store\ShelfStock;
use Inlaid\App\Studio\StudioContext;
use Inlaid\Core\Measure\Quantity;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/stock/{id}/purchase', methods: 'POST')]
#[Describe('Add a purchase to stock', takes: PurchaseRequest::class, gives: Stock::class, books: true)]
final readonly class BuyStock
{
    public function __construct(private ShelfStock $stock, private StudioContext $context)
    {
    }

    public function __invoke(string $id, PurchaseRequest $asked, ?Booking $booking = null): Stock
    {
        $bench = ReadBench::of([], $this->context->own());
        $packs = [];
        foreach ($asked->packs() as $at => $pack) {
            $size = $bench->quantity($pack->amount, "$at/amount");
            $packs[] = Quantity::of($size->dimension, $size->amount->multipliedBy($pack->count));
        }
        InvalidInput::around('/amount', fn () => $this->stock->buy($id, $packs, $booking));

        return Stock::of($this->stock);
    }
}
