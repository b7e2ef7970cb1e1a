<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes\Data;

use Inlaid\App\Http\Api\Document;

/**
 * A draft, and the version it was made from.
 */
final readonly class SaveDraftRequest
{
    /**
     * @param Document $document schema recipe
     */
    public function __construct(public int $version, public Document $document)
    {
    }
}
