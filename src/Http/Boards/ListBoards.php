<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\PageRequest;
use Inlaid\App\Http\Boards\Data\BoardList;
use Inlaid\App\Store\BoardBook;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/boards', methods: 'GET')]
#[Describe(
    'List the sample boards',
    gives: BoardList::class,
    query: ['page' => 'integer', 'archived' => 'boolean', 'measured' => 'boolean'],
)]
final readonly class ListBoards
{
    public function __construct(private BoardBook $boards, private DescribeBoards $describe)
    {
    }

    public function __invoke(Request $request): BoardList
    {
        $page = PageRequest::of($request);
        [$total, $boards] = $this->boards->page(
            $page,
            $request->query->getBoolean('archived'),
            $request->query->getBoolean('measured'),
        );

        return new BoardList(total: $total, page: $page, size: BoardBook::PAGE, boards: $this->describe->summaries($boards));
    }
}
