<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Http\Api\ArchiveRequest;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Boards\Data\BoardResponse;
use Inlaid\App\Store\BoardBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/boards/{id}/archive', methods: 'PUT')]
#[Describe('Archive or restore a board', takes: ArchiveRequest::class, gives: BoardResponse::class)]
final readonly class ArchiveBoard
{
    public function __construct(private BoardBook $boards, private DescribeBoards $describe)
    {
    }

    public function __invoke(string $id, ArchiveRequest $asked): BoardResponse
    {
        return $this->describe->one($this->boards->archive($id, $asked->archived));
    }
}
