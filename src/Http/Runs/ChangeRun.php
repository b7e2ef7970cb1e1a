<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\RunBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}', methods: 'PUT')]
#[Describe('Change a job: its place, dates, finished or archived', takes: ChangeJobRequest::class, gives: RunResponse::class)]
final readonly class ChangeRun
{
    public function __construct(private RunBook $runs, private DescribeRuns $describe)
    {
    }

    public function __invoke(string $id, Body $body): RunResponse
    {
        [$version, $place, $notBefore, $due, $finished, $archived] = $body->read(static fn (Node $n): array => [
            $n->fields('version', 'place', 'notBefore', 'due', 'finished', 'archived')->int('version'),
            $n->has('place') ? $n->id('place') : null,
            $n->dayOrNull('notBefore'),
            $n->dayOrNull('due'),
            $n->has('finished') && $n->bool('finished'),
            $n->has('archived') && $n->bool('archived'),
        ]);

        return $this->describe->one($this->runs->change($id, $version, $place, $notBefore, $due, $finished, $archived));
    }
}
