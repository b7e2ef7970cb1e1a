<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * A server on this machine is reachable by any web page the painter has open: only our own pages get in, under the names this server has.
 */
#[AsEventListener(priority: 300)]
final readonly class CheckOrigin
{
    private const OWN_HOSTS = ['localhost', '127.0.0.1', '[::1]'];

    public function __construct(private string $allowedHosts)
    {
    }

    public function __invoke(RequestEvent $event): void
    {
        $headers = $event->getRequest()->headers;
        $hosts = [...self::OWN_HOSTS, ...array_filter(explode(',', $this->allowedHosts))];
        $host = (string) $headers->get('Host', 'localhost');
        if (!\in_array(preg_replace('/:\d+$/', '', $host), $hosts, true)) {
            throw new Problem(403, 'wrong-host', 'Open the studio at its own address.');
        }
        $origin = $headers->get('Origin');
        if (null !== $origin && self::hostOf($origin) !== $host) {
            throw new Problem(403, 'wrong-origin', 'Requests from other web pages are refused.');
        }
    }

    /** "name:port" of an origin; no port where it is the usual one. */
    private static function hostOf(string $origin): string
    {
        $port = parse_url($origin, \PHP_URL_PORT);

        return parse_url($origin, \PHP_URL_HOST).(\is_int($port) ? ':'.$port : '');
    }
}
