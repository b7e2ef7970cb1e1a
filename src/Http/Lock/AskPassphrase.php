<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Lock;

use Inlaid\App\Http\Api\Problem;
use Inlaid\App\Store\Lock\KeyHolder;
use Inlaid\App\Store\Lock\StudioLock;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * Beyond this machine nothing of the studio is told or taken before the passphrase was given. The pages themselves say nothing of it and are for all, and links with a secret of their own go on.
 */
#[AsEventListener(priority: 290)]
final readonly class AskPassphrase
{
    private const STUDIO = '#^/api/#';
    private const FOR_ALL = '#^/api/(lock|health|looks/.+)$#';
    private const HYGROMETER = '/api/hygrometer';

    public function __construct(private LockNeeded $needed, private StudioLock $lock)
    {
    }

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        $path = $request->getPathInfo();
        if (1 !== preg_match(self::STUDIO, $path) || 1 === preg_match(self::FOR_ALL, $path) || !$this->needed->for($request) || $this->isLetIn($request, $path)) {
            return;
        }
        throw new Problem(401, 'passphrase', 'This studio is locked. Give its passphrase first.');
    }

    private function isLetIn(Request $request, string $path): bool
    {
        if (self::HYGROMETER === $path && $request->isMethod('PUT') && 1 === preg_match('/^Bearer ([A-Za-z0-9_-]{43})$/', (string) $request->headers->get('Authorization'), $found)) {
            return $this->lock->opens($found[1], KeyHolder::Hygrometer);
        }

        return $this->lock->opens(LockCookie::of($request), KeyHolder::Device);
    }
}
