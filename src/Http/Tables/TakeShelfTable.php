<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Tables;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Tables\Data\TablePlan;
use Inlaid\App\Http\Tables\Data\TableRequest;
use Inlaid\App\Studio\ShelfTable;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/stock/table', methods: 'POST')]
#[Describe('Import stock; all or nothing', takes: TableRequest::class, gives: TablePlan::class)]
final readonly class TakeShelfTable
{
    public function __construct(private ShelfTable $table)
    {
    }

    public function __invoke(TableRequest $table): TablePlan
    {
        return new TablePlan($this->table->take($table->text));
    }
}
