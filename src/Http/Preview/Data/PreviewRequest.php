<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Preview\Data;

use Inlaid\App\Http\Api\Document;

/**
 * A recipe to be worked out; what the context does not state is the studio's.
 */
final readonly class PreviewRequest
{
    /**
     * @param Document      $document schema recipe
     * @param Document|null $context  schema context
     */
    public function __construct(public Document $document, public ?Document $context = null)
    {
    }
}
