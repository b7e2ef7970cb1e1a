<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Http\Api\ArchiveRequest;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Runs\Data\RunResponse;
use Inlaid\App\Store\RunPhotos;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/run-photos/{id}/archive', methods: 'PUT')]
#[Describe('Archive or restore a bench photo', takes: ArchiveRequest::class, gives: RunResponse::class)]
final readonly class ArchiveRunPhoto
{
    public function __construct(private RunPhotos $photos, private DescribeRuns $describe)
    {
    }

    public function __invoke(string $id, ArchiveRequest $asked): RunResponse
    {
        return $this->describe->one($this->photos->putAway($id, $asked->archived));
    }
}
