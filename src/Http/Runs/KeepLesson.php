<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\RunBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}/lesson', methods: 'PUT')]
#[Describe('Save the lesson of a job', takes: LessonRequest::class, gives: RunResponse::class)]
final readonly class KeepLesson
{
    public function __construct(private RunBook $runs, private DescribeRuns $describe)
    {
    }

    public function __invoke(string $id, Body $body): RunResponse
    {
        [$version, $lesson, $rating] = $body->read(static fn (Node $n): array => [
            $n->fields('version', 'lesson', 'rating')->int('version'),
            $n->text('lesson'),
            null === ($rating = $n->intOrNull('rating')) || ($rating >= 1 && $rating <= 5)
                ? $rating
                : $n->refuse('rating', 'Enter a rating from 1 to 5'),
        ]);

        return $this->describe->one($this->runs->learn($id, $version, $lesson, $rating));
    }
}
