<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Lock;

use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;

/**
 * What a device keeps where the passphrase was entered: a key that lets it in until it is locked, and a longer one by which it is known
 * afterwards. No script
 * reads them, and no other site makes a browser send them.
 */
final class LockCookie
{
    private const NAME = 'inlaid-studio';
    private const KNOWN = 'inlaid-known';
    private const KEPT = '+1 year';

    public static function of(Request $request): string
    {
        return $request->cookies->getString(self::NAME);
    }

    public static function known(Request $request): string
    {
        return $request->cookies->getString(self::KNOWN);
    }

    public static function make(string $secret, Request $request): Cookie
    {
        return self::cookie(self::NAME, $secret, $request);
    }

    public static function makeKnown(string $secret, Request $request): Cookie
    {
        return self::cookie(self::KNOWN, $secret, $request);
    }

    private static function cookie(string $name, string $secret, Request $request): Cookie
    {
        return Cookie::create(
            $name,
            $secret,
            '' === $secret ? 1 : new \DateTimeImmutable(self::KEPT),
            '/',
            null,
            $request->isSecure(),
            true,
            false,
            Cookie::SAMESITE_STRICT,
        );
    }
}
