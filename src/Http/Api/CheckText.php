<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * What stands in an address is text: bytes that are none could neither be looked for nor be told of.
 */
#[AsEventListener(priority: 290)]
final class CheckText
{
    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!self::isText(rawurldecode($request->getPathInfo())) || !self::areText($request)) {
            throw new Problem(400, 'no-text', 'This address holds characters that are no text.');
        }
    }

    private static function areText(Request $request): bool
    {
        $fine = true;
        $all = $request->query->all();
        array_walk_recursive($all, static function (mixed $value, int|string $key) use (&$fine): void {
            $fine = $fine && \is_string($value) && self::isText($value) && self::isText((string) $key);
        });

        return $fine && [] === array_filter($all, is_array(...));
    }

    private static function isText(string $text): bool
    {
        return mb_check_encoding($text, 'UTF-8') && !str_contains($text, "\0");
    }
}
