<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\BoardBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/photos/{id}/away', methods: 'PUT')]
#[Describe('Put a photo away, or back', takes: PhotoPutAway::class, gives: BoardResponse::class)]
final readonly class PutPhotoAway
{
    public function __construct(private BoardBook $boards, private DescribeBoards $describe)
    {
    }

    public function __invoke(string $id, Body $body): BoardResponse
    {
        $away = $body->read(static fn (Node $n): bool => $n->fields('away')->bool('away'));

        return $this->describe->one($this->boards->putAway($id, $away));
    }
}
