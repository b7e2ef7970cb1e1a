<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Runs\Data\ChangeJobRequest;
use Inlaid\App\Http\Runs\Data\RunResponse;
use Inlaid\App\Store\RunBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}', methods: 'PUT')]
#[Describe('Change a job: its place, dates, finished or archived', takes: ChangeJobRequest::class, gives: RunResponse::class)]
final readonly class ChangeRun
{
    public function __construct(private RunBook $runs, private DescribeRuns $describe)
    {
    }

    public function __invoke(string $id, ChangeJobRequest $asked): RunResponse
    {
        return $this->describe->one($this->runs->change(
            id: $id,
            version: $asked->version,
            place: $asked->place,
            notBefore: $asked->notBefore,
            due: $asked->due,
            finished: $asked->finished,
            archived: $asked->archived,
        ));
    }
}
