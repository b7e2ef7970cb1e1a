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
        return new self(\sprintf('There is no %s "%s".', $what, mb_substr($id, 0, 80)));
    }

    public static function linkClosed(): self
    {
        return new self('This link is not open. It may be over, or the studio has closed it: ask for a new one.');
    }
}
