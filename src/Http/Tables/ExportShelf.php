<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Tables;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Studio\ShelfTable;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/stock.csv', methods: 'GET')]
#[Describe('Export stock as CSV')]
final readonly class ExportShelf
{
    public function __construct(private ShelfTable $table)
    {
    }

    public function __invoke(): Response
    {
        return new Response(
            $this->table->write(),
            200,
            ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="shelf.csv"'],
        );
    }
}
