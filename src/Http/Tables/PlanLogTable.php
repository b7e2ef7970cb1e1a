<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Tables;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Tables\Data\TablePlan;
use Inlaid\App\Http\Tables\Data\TableRequest;
use Inlaid\App\Studio\LogTable;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}/log/plan', methods: 'POST')]
#[Describe('Preview the import of a log', takes: TableRequest::class, gives: TablePlan::class)]
final readonly class PlanLogTable
{
    public function __construct(private LogTable $table)
    {
    }

    public function __invoke(string $id, TableRequest $table): TablePlan
    {
        return new TablePlan($this->table->plan($id, $table->text));
    }
}
