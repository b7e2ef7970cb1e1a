<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Eye\Data;

/**
 * What was so; `truth` is its place among the options.
 */
final readonly class EyeTold
{
    public function __construct(public int $truth, public string $says)
    {
    }
}
