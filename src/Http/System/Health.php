<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System;

/**
 * How the program is.
 */
final readonly class Health
{
    public function __construct(public string $status, public string $store)
    {
    }
}
