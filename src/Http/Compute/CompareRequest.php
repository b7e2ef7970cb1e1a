<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\RawJson;

/**
 * Two recipe documents.
 */
final readonly class CompareRequest
{
    /**
     * @param RawJson $before schema recipe
     * @param RawJson $after  schema recipe
     */
    public function __construct(public RawJson $before, public RawJson $after)
    {
    }
}
