<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Boards\Data\BoardResponse;
use Inlaid\App\Store\ShareBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/boards/{id}/shares/{share}/revoke', methods: 'POST')]
#[Describe('Close a client link', gives: BoardResponse::class)]
final readonly class RevokeShare
{
    public function __construct(private ShareBook $shares, private DescribeBoards $describe)
    {
    }

    public function __invoke(string $id, string $share): BoardResponse
    {
        return $this->describe->one($this->shares->revoke($id, $share));
    }
}
