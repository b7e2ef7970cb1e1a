<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Lock;

/**
 * The passphrase of the studio.
 */
final readonly class UnlockRequest
{
    public function __construct(public string $passphrase)
    {
    }
}
