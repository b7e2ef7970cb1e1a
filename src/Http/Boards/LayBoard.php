<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\BoardBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/boards/{id}/laid', methods: 'PUT')]
#[Describe('Note that a board has been laid, or has not', takes: BoardLaid::class, gives: BoardResponse::class)]
final readonly class LayBoard
{
    public function __construct(private BoardBook $boards, private DescribeBoards $describe)
    {
    }

    public function __invoke(string $id, Body $body): BoardResponse
    {
        $laid = $body->read(static fn (Node $n): bool => $n->fields('laid')->bool('laid'));

        return $this->describe->one($this->boards->lay($id, $laid));
    }
}
