<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * What stands in an address is text. Bytes that are none, which could neither be looked for nor be told of, become a sign that finds
 * nothing; in the path they lead nowhere.
 */
#[AsEventListener(priority: 290)]
final class ScrubText
{
    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        $path = rawurldecode($request->getPathInfo());
        if (self::scrubbed($path) !== $path) {
            throw new NotFoundHttpException();
        }
        $query = $request->query->all();
        array_walk_recursive($query, static function (mixed &$value): void {
            $value = \is_string($value) ? self::scrubbed($value) : $value;
        });
        $request->query->replace($query);
    }

    private static function scrubbed(string $text): string
    {
        return strtr(mb_scrub($text, 'UTF-8'), ["\0" => "\u{FFFD}"]);
    }
}
