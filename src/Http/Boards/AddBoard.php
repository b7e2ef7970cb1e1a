<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\ReadBoard;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Boards\Data\AddBoardRequest;
use Inlaid\App\Http\Boards\Data\BoardResponse;
use Inlaid\App\Store\BoardBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/boards', methods: 'POST')]
#[Describe('Create a sample board', takes: AddBoardRequest::class, gives: BoardResponse::class, status: 201)]
final readonly class AddBoard
{
    public function __construct(private BoardBook $boards, private ReadBoard $read, private DescribeBoards $describe)
    {
    }

    public function __invoke(AddBoardRequest $asked): BoardResponse
    {
        return $this->describe->one($this->boards->add($this->read->read($asked->document->json, '/document')));
    }
}
