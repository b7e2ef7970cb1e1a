<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Boards\Data\BoardResponse;
use Inlaid\App\Store\BoardBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/boards/{id}', methods: 'GET')]
#[Describe('Open a sample board', gives: BoardResponse::class)]
final readonly class OpenBoard
{
    public function __construct(private BoardBook $boards, private DescribeBoards $describe)
    {
    }

    public function __invoke(string $id): BoardResponse
    {
        return $this->describe->one($this->boards->get($id));
    }
}
