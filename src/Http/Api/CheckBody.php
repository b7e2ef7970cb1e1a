<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Inlaid\App\Exchange\Bundle\ZipIn;
use Inlaid\App\Exchange\Document\Violation;
use Inlaid\App\Exchange\NoRoom;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * What is sent must be what the route takes: JSON, or a photo or a bundle where its description says so; and not too large.
 *
 * After the router and the firewall, so that it goes by the route.
 */
#[AsEventListener(priority: 0)]
final class CheckBody
{
    public const LARGEST_BODY = 2 * 1024 * 1024;
    public const LARGEST_PHOTO = 12 * 1024 * 1024;

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if ($request->isMethodSafe()) {
            return;
        }
        match (Describe::of($request)?->takes) {
            Describe::BUNDLE => $this->check(
                request: $request,
                largest: ZipIn::MOST_BYTES,
                tooLarge: 'This bundle is larger than 64 MB. Import it with bin/console inlaid:bundle:import on the computer '
                    .'that runs the studio.',
                type: 'application/zip',
                wrongType: 'Send a bundle as application/zip.',
            ),
            Describe::PICTURE => $this->check(
                request: $request,
                largest: self::LARGEST_PHOTO,
                tooLarge: 'This photo is larger than 12 MB. Save it smaller.',
                type: 'image/',
                wrongType: 'Send a photo as image/jpeg, image/png or image/webp.',
            ),
            default => $this->check(
                request: $request,
                largest: self::LARGEST_BODY,
                tooLarge: 'Larger than 2 MB, the maximum.',
                type: 'application/json',
                wrongType: 'Send it as application/json.',
            ),
        };
    }

    private function check(Request $request, int $largest, string $tooLarge, string $type, string $wrongType): void
    {
        if ((int) $request->headers->get('Content-Length', '0') > $largest || \strlen($request->getContent()) > $largest) {
            throw new Problem(status: 413, kind: 'too-large', detail: $tooLarge, violations: [new Violation('', $tooLarge)]);
        }
        if (\strlen($request->getContent()) < (int) $request->headers->get('Content-Length', '0')) {
            // PHP keeps what is large in its temporary folder, and goes on without it where that is full.
            throw new NoRoom(sys_get_temp_dir());
        }
        $sent = strtolower(trim(explode(';', (string) $request->headers->get('Content-Type'))[0]));
        if (str_ends_with($type, '/') ? !str_starts_with($sent, $type) : $sent !== $type) {
            throw new Problem(415, 'wrong-type', $wrongType);
        }
    }
}
