<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Stock;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Compute\AmountRequest;
use Inlaid\App\Store\Booking;
use Inlaid\App\Store\ShelfStock;
use Inlaid\App\Store\StudioContext;
use Inlaid\Core\Measure\Quantity;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/stock/{id}/purchase', methods: 'POST')]
#[Describe('Add a purchase to stock', takes: AmountBought::class, gives: Stock::class, books: true)]
final readonly class BuyStock
{
    public function __construct(private ShelfStock $stock, private StudioContext $context)
    {
    }

    public function __invoke(string $id, Body $body, ?Booking $booking = null): Stock
    {
        $context = $this->context->own();
        $read = static function (Node $n) use ($context): Quantity {
            $pack = AmountRequest::read($n, 'amount', $context);

            return Quantity::of($pack->dimension, $pack->amount->multipliedBy($n->int('count', 1)));
        };
        $packs = $body->read(static fn (Node $n): array => [
            $read($n->fields('amount', 'count', 'more')),
            ...($n->has('more') ? $n->list('more', static fn (Node $p): Quantity => $read($p->fields('amount', 'count'))) : []),
        ]);
        InvalidInput::around('/amount', fn () => $this->stock->buy($id, $packs, $booking));

        return Stock::of($this->stock);
    }
}
