<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\BoardBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/boards/{id}/archive', methods: 'PUT')]
#[Describe('Archive or restore a board', takes: BoardArchived::class, gives: BoardResponse::class)]
final readonly class ArchiveBoard
{
    public function __construct(private BoardBook $boards, private DescribeBoards $describe)
    {
    }

    public function __invoke(string $id, Body $body): BoardResponse
    {
        $archived = $body->read(static fn (Node $n): bool => $n->fields('archived')->bool('archived'));

        return $this->describe->one($this->boards->archive($id, $archived));
    }
}
