<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes\Data;

use Inlaid\App\Http\Api\Document;

/**
 * Two recipe documents.
 */
final readonly class CompareRequest
{
    /**
     * @param Document $before schema recipe
     * @param Document $after  schema recipe
     */
    public function __construct(public Document $before, public Document $after)
    {
    }
}
