<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\RawJson;

/**
 * A board to be worked out; where the context does not say, the studio's settings and the clock hold.
 */
final readonly class BoardRequest
{
    /**
     * @param RawJson      $document schema board
     * @param RawJson|null $context  schema context
     */
    public function __construct(public RawJson $document, public ?RawJson $context = null)
    {
    }
}
