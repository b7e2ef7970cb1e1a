<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Lock;

use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;

/**
 * What a device keeps that has given the passphrase. No script reads it, and no other site makes a browser send it.
 */
final class LockCookie
{
    private const NAME = 'inlaid-studio';
    private const KEPT = '+1 year';

    public static function of(Request $request): string
    {
        return $request->cookies->getString(self::NAME);
    }

    public static function make(string $secret, Request $request): Cookie
    {
        return Cookie::create(self::NAME, $secret, '' === $secret ? 1 : new \DateTimeImmutable(self::KEPT), '/', null, $request->isSecure(), true, false, Cookie::SAMESITE_STRICT);
    }
}
