<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\PromotePatch;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/boards/{id}/chosen', methods: 'DELETE')]
#[Describe('Take a chosen patch back out of its recipe, as long as the recipe is as it was left', gives: BoardResponse::class)]
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
