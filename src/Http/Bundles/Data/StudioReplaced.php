<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Bundles\Data;

/**
 * The file beside the store in which the former studio is kept.
 */
final readonly class StudioReplaced
{
    public function __construct(public string $former)
    {
    }
}
