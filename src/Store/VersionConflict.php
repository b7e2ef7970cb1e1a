<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

/**
 * Somebody else saved in between; `newer` is what is there now.
 */
final class VersionConflict extends \RuntimeException
{
    public function __construct(public readonly int $version, public readonly string $newer)
    {
        parent::__construct('Somebody has saved a newer version in the meantime. Nothing of yours is lost: compare and decide.');
    }
}
