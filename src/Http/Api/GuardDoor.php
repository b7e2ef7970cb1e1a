<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Inlaid\App\Exchange\Document\Violation;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * A server on this machine is reachable by any web page the painter has open: only our own pages, and JSON, get in.
 */
#[AsEventListener(priority: 300)]
final readonly class GuardDoor
{
    public const LARGEST_BODY = 2 * 1024 * 1024;
    private const OWN_HOSTS = ['localhost', '127.0.0.1', '[::1]'];

    public function __construct(private string $allowedHosts)
    {
    }

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        $hosts = [...self::OWN_HOSTS, ...array_filter(explode(',', $this->allowedHosts))];
        $host = (string) $request->headers->get('Host', 'localhost');
        if (!\in_array(preg_replace('/:\d+$/', '', $host), $hosts, true)) {
            throw new Problem(403, 'wrong-host', 'This program answers under its own address only.');
        }
        $origin = $request->headers->get('Origin');
        if (null !== $origin && parse_url($origin, \PHP_URL_HOST).(\is_int(parse_url($origin, \PHP_URL_PORT)) ? ':'.parse_url($origin, \PHP_URL_PORT) : '') !== $host) {
            throw new Problem(403, 'wrong-origin', 'Another web page asked; it gets no answer.');
        }
        if ($request->isMethodSafe()) {
            return;
        }
        if (\strlen($request->getContent()) > self::LARGEST_BODY || (int) $request->headers->get('Content-Length', '0') > self::LARGEST_BODY) {
            throw new Problem(413, 'too-large', 'This is larger than 2 MB. No recipe needs that much.', [new Violation('', 'The whole document is too large.')]);
        }
        if ('application/json' !== strtolower(trim(explode(';', (string) $request->headers->get('Content-Type'))[0]))) {
            throw new Problem(415, 'not-json', 'Send it as application/json.');
        }
    }
}
