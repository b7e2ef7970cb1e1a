<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

use Inlaid\App\Http\Api\Document;

/**
 * A board to be worked out; where the context does not say, the studio's settings and the clock hold.
 */
final readonly class BoardRequest
{
    /**
     * @param Document      $document schema board
     * @param Document|null $context  schema context
     */
    public function __construct(public Document $document, public ?Document $context = null)
    {
    }
}
