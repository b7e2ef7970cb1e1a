<?php

declare(strict_types=1);

namespace Inlaid\Core\Board;

/**
 * What is done otherwise on one patch alone, besides what its row and column vary.
 *
 * Immutable.
 */
final readonly class OwnChange
{
    public function __construct(public string $patch, public Axis $axis)
    {
    }
}
