<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Picture;

/**
 * A photo as it is kept: a JPEG of our own making, so that nothing of what came with it is left.
 *
 * Immutable.
 */
final readonly class Picture
{
    public function __construct(public string $jpeg, public int $width, public int $height)
    {
    }
}
