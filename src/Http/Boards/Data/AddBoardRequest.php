<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

use Inlaid\App\Http\Api\Document;

/**
 * A board to be kept.
 */
final readonly class AddBoardRequest
{
    /**
     * @param Document $document schema board
     */
    public function __construct(public Document $document)
    {
    }
}
