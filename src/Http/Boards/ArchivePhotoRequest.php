<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

/**
 * Whether a photo is put away.
 */
final readonly class ArchivePhotoRequest
{
    public function __construct(public bool $archived)
    {
    }
}
