<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

/**
 * A pot on the shelf that a step can be done from.
 */
final readonly class PotInStock
{
    public function __construct(public string $id, public string $name, public string $holds, public string $step)
    {
    }
}
