<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

use Inlaid\App\Http\Api\Document;

/**
 * A board to be saved in the place of the given version.
 */
final readonly class SaveBoardRequest
{
    /**
     * @param Document $document schema board
     */
    public function __construct(public int $version, public Document $document)
    {
    }
}
