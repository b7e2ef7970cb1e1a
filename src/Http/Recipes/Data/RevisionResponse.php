<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes\Data;

use Inlaid\App\Exchange\RawJson;

/**
 * A revision with its document.
 */
final readonly class RevisionResponse
{
    /**
     * @param RawJson $document schema recipe
     */
    public function __construct(public RevisionSummary $revision, public RawJson $document)
    {
    }
}
