<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

use Inlaid\App\Http\Api\Document;

/**
 * The recipe of a board.
 */
final readonly class ListVariablesRequest
{
    /**
     * @param Document $document schema recipe
     */
    public function __construct(public Document $document)
    {
    }
}
