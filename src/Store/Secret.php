<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

/**
 * What stands in an address that nobody guesses: 256 bits, of which only the hash is kept.
 */
final class Secret
{
    /** 43 characters that stand in an address as they are. */
    public static function make(): string
    {
        return rtrim(strtr(base64_encode(random_bytes(32)), '+/', '-_'), '=');
    }

    public static function hash(string $secret): string
    {
        return hash('sha256', $secret);
    }
}
