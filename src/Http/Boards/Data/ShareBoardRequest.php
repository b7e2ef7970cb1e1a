<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

/**
 * For how many days a link is open.
 */
final readonly class ShareBoardRequest
{
    public function __construct(public int $days = 14)
    {
    }
}
