<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

/**
 * Whether it has been laid.
 */
final readonly class ApplyBoardRequest
{
    public function __construct(public bool $applied)
    {
    }
}
