<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Preview;

use Inlaid\App\Exchange\RawJson;

/**
 * A recipe to be worked out; what the context does not state is the studio's.
 */
final readonly class PreviewRequest
{
    /**
     * @param RawJson      $document schema recipe
     * @param RawJson|null $context  schema context
     */
    public function __construct(public RawJson $document, public ?RawJson $context = null)
    {
    }
}
