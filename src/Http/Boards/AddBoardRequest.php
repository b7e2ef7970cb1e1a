<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\RawJson;

/**
 * A board to be kept.
 */
final readonly class AddBoardRequest
{
    /**
     * @param RawJson $document schema board
     */
    public function __construct(public RawJson $document)
    {
    }
}
