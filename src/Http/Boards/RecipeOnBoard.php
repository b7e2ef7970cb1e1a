<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\RawJson;

/**
 * The recipe of a board.
 */
final readonly class RecipeOnBoard
{
    /**
     * @param RawJson $document schema recipe
     */
    public function __construct(public RawJson $document)
    {
    }
}
