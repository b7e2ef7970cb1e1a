<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\ReadBoard;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Boards\Data\BoardResponse;
use Inlaid\App\Http\Boards\Data\SaveBoardRequest;
use Inlaid\App\Store\BoardBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/boards/{id}', methods: 'PUT')]
#[Describe('Save a sample board; 409 with the newer one if it has changed', takes: SaveBoardRequest::class, gives: BoardResponse::class)]
final readonly class SaveBoard
{
    public function __construct(private BoardBook $boards, private ReadBoard $read, private DescribeBoards $describe)
    {
    }

    public function __invoke(string $id, SaveBoardRequest $asked): BoardResponse
    {
        return $this->describe->one($this->boards->save($id, $asked->version, $this->read->read($asked->document->json, '/document')));
    }
}
