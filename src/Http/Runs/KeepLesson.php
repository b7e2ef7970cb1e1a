<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Runs\Data\LessonRequest;
use Inlaid\App\Http\Runs\Data\RunResponse;
use Inlaid\App\Store\RunBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}/lesson', methods: 'PUT')]
#[Describe('Save the lesson of a job', takes: LessonRequest::class, gives: RunResponse::class)]
final readonly class KeepLesson
{
    public function __construct(private RunBook $runs, private DescribeRuns $describe)
    {
    }

    public function __invoke(string $id, LessonRequest $asked): RunResponse
    {
        return $this->describe->one($this->runs->learn(id: $id, version: $asked->version, lesson: $asked->lesson, rating: $asked->rating));
    }
}
