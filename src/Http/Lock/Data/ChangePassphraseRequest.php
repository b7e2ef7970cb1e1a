<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Lock\Data;

/**
 * The passphrase as it is and as it is to be, at least 12 characters.
 */
final readonly class ChangePassphraseRequest
{
    public function __construct(public string $passphrase, public string $next)
    {
    }
}
