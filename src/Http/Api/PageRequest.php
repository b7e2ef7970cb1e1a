<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Symfony\Component\HttpFoundation\Request;

/**
 * The page of a list somebody asks for; nonsense is the first.
 */
final class PageRequest
{
    private const LAST = 1_000_000;

    public static function of(Request $request): int
    {
        return max(1, min(self::LAST, (int) $request->query->getString('page', '1')));
    }
}
