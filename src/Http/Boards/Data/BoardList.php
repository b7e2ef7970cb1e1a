<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

/**
 * A page of the boards, the last changed first.
 */
final readonly class BoardList
{
    /**
     * @param list<BoardSummary> $boards
     */
    public function __construct(public int $total, public int $page, public int $size, public array $boards)
    {
    }
}
