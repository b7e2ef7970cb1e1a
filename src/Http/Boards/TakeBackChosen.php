<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Boards\Data\BoardResponse;
use Inlaid\App\Studio\PromotePatch;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/boards/{id}/choice', methods: 'DELETE')]
#[Describe('Undo applying a patch, as long as the recipe hasn\'t changed since', gives: BoardResponse::class)]
final readonly class TakeBackChosen
{
    public function __construct(private PromotePatch $promote, private DescribeBoards $describe)
    {
    }

    public function __invoke(string $id): BoardResponse
    {
        return $this->describe->one($this->promote->takeBack($id));
    }
}
