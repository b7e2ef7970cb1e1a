<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Shopping;

use Inlaid\App\Exchange\Csv;
use Inlaid\Core\Purchase\PackCount;
use Inlaid\Core\Purchase\ShoppingLine;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/shopping.csv', methods: 'GET')]
final readonly class ExportShopping
{
    public function __construct(private ReadShoppingRecipes $asked)
    {
    }

    public function __invoke(Request $request): Response
    {
        $rows = array_map(static fn (ShoppingLine $l): array => [
            $l->name,
            $l->need->ml,
            $l->inPots?->ml,
            $l->left?->ml,
            $l->short->ml ?? 0,
            implode(' + ', array_map(static fn (PackCount $p): string => $p->count.' x '.$p->size, $l->packs)),
            $l->price,
            implode('; ', [...$l->enoughFor, ...$l->notEnoughFor]),
        ], $this->asked->list($request)->lines);

        return new Response(
            Csv::write(['Material', 'Needed (ml)', 'In pots (ml)', 'Left (ml)', 'To buy (ml)', 'Packs', 'Price', 'For'], $rows),
            200,
            [
                'Content-Type' => 'text/csv; charset=utf-8',
                'Content-Disposition' => 'attachment; filename="to-buy.csv"',
            ],
        );
    }
}
