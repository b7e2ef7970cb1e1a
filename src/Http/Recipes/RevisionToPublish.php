<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes;

/**
 * Publish the draft of this version, with a short reason.
 */
final readonly class RevisionToPublish
{
    public function __construct(public int $version, public string $reason)
    {
    }
}
