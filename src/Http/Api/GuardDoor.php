<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Inlaid\App\Exchange\Bundle\ZipIn;
use Inlaid\App\Exchange\Document\Violation;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * A server on this machine is reachable by any web page the painter has open: only our own pages, and JSON, get in; photos where a photo is taken.
 *
 * The guests' door leads to nothing but what a link to a board shows.
 */
#[AsEventListener(priority: 300)]
final readonly class GuardDoor
{
    public const LARGEST_BODY = 2 * 1024 * 1024;
    public const LARGEST_PHOTO = 12 * 1024 * 1024;
    private const BUNDLES = '#^/api/bundles(/|$)#';
    private const PHOTOS = '#^/api/((boards/[^/]+/patches|runs)/[^/]+/photos|compute/photo-colour)$#';
    private const FOR_GUESTS = '#^/(look/[^/]+|api/looks/.+|feed/[^/]+\.ics)$#';
    private const OWN_HOSTS = ['localhost', '127.0.0.1', '[::1]'];

    public function __construct(private string $allowedHosts, private string $door)
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
        if ('guest' === $this->door && 1 !== preg_match(self::FOR_GUESTS, $request->getPathInfo())) {
            throw new Problem(404, 'not-for-guests', 'There is nothing at this address. Open the link you were given.');
        }
        if (!$request->isMethodSafe()) {
            $path = $request->getPathInfo();
            match (true) {
                1 === preg_match(self::BUNDLES, $path) => $this->guardBody($request, ZipIn::MOST_BYTES, 'This bundle is larger than 64 MB. On the machine itself bin/console inlaid:bundle:import takes it.', 'application/zip', 'Send a bundle as application/zip.'),
                1 === preg_match(self::PHOTOS, $path) => $this->guardBody($request, self::LARGEST_PHOTO, 'This photo is larger than 12 MB. Save it smaller.', 'image/', 'Send a photo as image/jpeg, image/png or image/webp.'),
                default => $this->guardBody($request, self::LARGEST_BODY, 'This is larger than 2 MB. No recipe needs that much.', 'application/json', 'Send it as application/json.'),
            };
        }
    }

    private function guardBody(Request $request, int $largest, string $tooLarge, string $type, string $wrongType): void
    {
        if ((int) $request->headers->get('Content-Length', '0') > $largest || \strlen($request->getContent()) > $largest) {
            throw new Problem(413, 'too-large', $tooLarge, [new Violation('', $tooLarge)]);
        }
        $sent = strtolower(trim(explode(';', (string) $request->headers->get('Content-Type'))[0]));
        if (str_ends_with($type, '/') ? !str_starts_with($sent, $type) : $sent !== $type) {
            throw new Problem(415, 'wrong-type', $wrongType);
        }
    }
}
