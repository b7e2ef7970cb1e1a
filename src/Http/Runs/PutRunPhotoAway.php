<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Boards\PhotoPutAway;
use Inlaid\App\Store\RunPhotos;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/run-photos/{id}/away', methods: 'PUT')]
#[Describe('Put a photo taken at the bench away, or back', takes: PhotoPutAway::class, gives: RunResponse::class)]
final readonly class PutRunPhotoAway
{
    public function __construct(private RunPhotos $photos, private DescribeRuns $describe)
    {
    }

    public function __invoke(string $id, Body $body): RunResponse
    {
        return $this->describe->one($this->photos->putAway($id, $body->read(static fn (Node $n): bool => $n->fields('away')->bool('away'))));
    }
}
