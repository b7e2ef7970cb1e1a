<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes;

use Inlaid\App\Exchange\RawJson;

/**
 * A draft, and the version it was made from.
 */
final readonly class SaveDraftRequest
{
    /**
     * @param RawJson $document schema recipe
     */
    public function __construct(public int $version, public RawJson $document)
    {
    }
}
