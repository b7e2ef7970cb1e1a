<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Boards\ArchivePhotoRequest;
use Inlaid\App\Store\RunPhotos;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/run-photos/{id}/archive', methods: 'PUT')]
#[Describe('Archive or restore a bench photo', takes: ArchivePhotoRequest::class, gives: RunResponse::class)]
final readonly class ArchiveRunPhoto
{
    public function __construct(private RunPhotos $photos, private DescribeRuns $describe)
    {
    }

    public function __invoke(string $id, Body $body): RunResponse
    {
        return $this->describe->one($this->photos->putAway(
            $id,
            $body->read(static fn (Node $n): bool => $n->fields('archived')->bool('archived')),
        ));
    }
}
