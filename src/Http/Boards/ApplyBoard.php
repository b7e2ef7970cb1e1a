<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Boards\Data\ApplyBoardRequest;
use Inlaid\App\Http\Boards\Data\BoardResponse;
use Inlaid\App\Store\BoardBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/boards/{id}/applied', methods: 'PUT')]
#[Describe('Mark a board as applied, or not', takes: ApplyBoardRequest::class, gives: BoardResponse::class)]
final readonly class ApplyBoard
{
    public function __construct(private BoardBook $boards, private DescribeBoards $describe)
    {
    }

    public function __invoke(string $id, ApplyBoardRequest $asked): BoardResponse
    {
        return $this->describe->one($this->boards->lay($id, $asked->applied));
    }
}
