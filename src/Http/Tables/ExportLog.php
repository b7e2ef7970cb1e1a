<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Tables;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Studio\LogTable;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}/log.csv', methods: 'GET')]
#[Describe('Export the log of a job as CSV')]
final readonly class ExportLog
{
    public function __construct(private LogTable $table)
    {
    }

    public function __invoke(string $id): Response
    {
        return new Response(
            $this->table->write($id),
            200,
            ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="log.csv"'],
        );
    }
}
