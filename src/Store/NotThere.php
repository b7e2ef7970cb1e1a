<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

/**
 * Nothing of that name is in the store.
 */
final class NotThere extends \RuntimeException
{
    public static function of(string $what, string $id): self
    {
        return new self(\sprintf('There is no %s "%s".', $what, mb_substr($id, 0, 80)));
    }
}
