<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Stock;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\Refused;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Compute\AmountAsked;
use Inlaid\App\Store\ShelfStock;
use Inlaid\App\Store\StudioContext;
use Inlaid\Core\Measure\Quantity;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/stock/{id}/bought', methods: 'POST')]
#[Describe('Put what was bought on the shelf', takes: AmountBought::class, gives: Stock::class)]
final readonly class BuyStock
{
    public function __construct(private ShelfStock $stock, private StudioContext $context)
    {
    }

    public function __invoke(string $id, Body $body): Stock
    {
        $context = $this->context->own();
        [$pack, $count] = $body->read(static fn (Node $n): array => [AmountAsked::read($n->fields('amount', 'count'), 'amount', $context), $n->int('count', 1)]);
        Refused::around('/amount', fn () => $this->stock->buy($id, Quantity::of($pack->dimension, $pack->amount->multipliedBy($count))));

        return Stock::of($this->stock);
    }
}
