<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

use Inlaid\App\Exchange\RawJson;

/**
 * A board to go on with; nothing is stored yet.
 */
final readonly class BeginBoardResponse
{
    /**
     * @param RawJson $document schema board
     */
    public function __construct(public RawJson $document)
    {
    }
}
