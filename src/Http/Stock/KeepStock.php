<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Stock;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadLeft;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\ShelfStock;
use Inlaid\Core\Measure\Quantity;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/stock/{id}', methods: 'PUT')]
#[Describe('Say what is left of a material', takes: AmountLeft::class, gives: Stock::class)]
final readonly class KeepStock
{
    public function __construct(private ShelfStock $stock, private ReadLeft $read = new ReadLeft())
    {
    }

    public function __invoke(string $id, Body $body): Stock
    {
        $this->stock->keep($id, $body->read(fn (Node $n): ?Quantity => $n->has('amount') ? $this->read->read($n) : null));

        return new Stock(array_map(LeftOnShelf::of(...), $this->stock->all()));
    }
}
