<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

/**
 * Whether a photo is put away.
 */
final readonly class ArchiveRequest
{
    public function __construct(public bool $archived)
    {
    }
}
