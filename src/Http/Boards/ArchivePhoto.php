<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\BoardBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/photos/{id}/archive', methods: 'PUT')]
#[Describe('Archive or restore a photo', takes: ArchivePhotoRequest::class, gives: BoardResponse::class)]
final readonly class ArchivePhoto
{
    public function __construct(private BoardBook $boards, private DescribeBoards $describe)
    {
    }

    public function __invoke(string $id, Body $body): BoardResponse
    {
        $away = $body->read(static fn (Node $n): bool => $n->fields('archived')->bool('archived'));

        return $this->describe->one($this->boards->putAway($id, $away));
    }
}
