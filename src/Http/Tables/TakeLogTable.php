<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Tables;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Tables\Data\TablePlan;
use Inlaid\App\Http\Tables\Data\TableRequest;
use Inlaid\App\Studio\LogTable;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}/log', methods: 'POST')]
#[Describe('Import a log; all or nothing', takes: TableRequest::class, gives: TablePlan::class)]
final readonly class TakeLogTable
{
    public function __construct(private LogTable $table)
    {
    }

    public function __invoke(string $id, TableRequest $table): TablePlan
    {
        return new TablePlan($this->table->take($id, $table->text));
    }
}
