<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

/**
 * So many ml of something.
 */
final readonly class Pour
{
    public function __construct(public string $name, public float $volume)
    {
    }
}
