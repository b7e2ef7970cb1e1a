<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Lock\Data;

/**
 * Whether all devices are to give the passphrase anew, or this one alone.
 */
final readonly class LockRequest
{
    public function __construct(public bool $all = false)
    {
    }
}
