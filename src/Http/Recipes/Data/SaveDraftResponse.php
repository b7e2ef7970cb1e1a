<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes\Data;

/**
 * The draft is kept; `version` is what to send with the next save.
 */
final readonly class SaveDraftResponse
{
    public function __construct(public int $version, public \DateTimeImmutable $savedAt)
    {
    }
}
