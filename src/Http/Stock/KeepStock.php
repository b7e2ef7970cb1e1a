<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Stock;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadLeft;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\ShelfStock;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/stock/{id}', methods: 'PUT')]
#[Describe('Set the stock of a material', takes: AmountLeft::class, gives: Stock::class)]
final readonly class KeepStock
{
    public function __construct(private ShelfStock $stock, private ReadLeft $read = new ReadLeft())
    {
    }

    public function __invoke(string $id, Body $body): Stock
    {
        [$left, $openedOn, $useBy] = $body->read(fn (Node $n): array => [
            $n->fields('amount', 'unit', 'openedOn', 'useBy')->has('amount') ? $this->read->read($n, 'openedOn', 'useBy') : null,
            $n->dayOrNull('openedOn'),
            $n->dayOrNull('useBy'),
        ]);
        $this->stock->count($id, $left, $openedOn, $useBy);

        return Stock::of($this->stock);
    }
}
