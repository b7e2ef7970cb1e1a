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
        parent::__construct('A newer version was saved elsewhere. Compare the two, then choose which to keep.');
    }
}
