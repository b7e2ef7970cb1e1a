<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Runs\Data\RunResponse;
use Inlaid\App\Store\RunBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}', methods: 'GET')]
#[Describe('Open a job', gives: RunResponse::class)]
final readonly class OpenRun
{
    public function __construct(private RunBook $runs, private DescribeRuns $describe)
    {
    }

    public function __invoke(string $id): RunResponse
    {
        return $this->describe->one($this->runs->get($id));
    }
}
