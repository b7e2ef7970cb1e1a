<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Symfony\Component\HttpFoundation\Request;

/**
 * Whether the passphrase is asked for: always where the program answers to more names than this machine's own, or somebody asks from
 * another machine.
 */
final readonly class LockNeeded
{
    public function __construct(private string $allowedHosts)
    {
    }

    public function for(Request $request): bool
    {
        $address = $request->server->getString('REMOTE_ADDR');

        return '' !== $this->allowedHosts
            || !('::1' === $address || str_starts_with($address, '127.') || str_starts_with($address, '::ffff:127.'));
    }
}
