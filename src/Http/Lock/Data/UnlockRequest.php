<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Lock\Data;

/**
 * The passphrase of the studio.
 */
final readonly class UnlockRequest
{
    public function __construct(public string $passphrase)
    {
    }
}
