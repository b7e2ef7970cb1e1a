<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

/**
 * Nothing of that name is in the store.
 */
final class NotFound extends \RuntimeException
{
    public static function of(string $what, string $id): self
    {
        return new self(\sprintf('No %s “%s”', $what, mb_substr($id, 0, 80)));
    }

    public static function linkClosed(): self
    {
        return new self('This link has expired or was closed. Ask the studio for a new one.');
    }
}
