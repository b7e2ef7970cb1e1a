<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Symfony\Component\HttpFoundation\Request;

/**
 * The address at which a link is opened that carries its own secret: at the clients' door where there is one.
 */
final readonly class ClientAddress
{
    public function __construct(private string $guestDoor)
    {
    }

    public function of(string $path, Request $request): string
    {
        return ('' === $this->guestDoor ? $request->getSchemeAndHttpHost() : rtrim($this->guestDoor, '/')).$path;
    }
}
