<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\RawJson;

/**
 * A board to be saved in the place of the given version.
 */
final readonly class SaveBoardRequest
{
    /**
     * @param RawJson $document schema board
     */
    public function __construct(public int $version, public RawJson $document)
    {
    }
}
