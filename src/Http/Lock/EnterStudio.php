<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Lock;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Lock\Data\LockState;
use Inlaid\App\Http\Lock\Data\UnlockRequest;
use Inlaid\App\Store\Lock\KeyHolder;
use Inlaid\App\Store\Lock\StudioLock;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/lock', name: 'unlock', methods: 'POST')]
#[Describe('Unlock this device with the passphrase', takes: UnlockRequest::class, gives: LockState::class)]
final readonly class EnterStudio
{
    public function __construct(private StudioLock $lock, private DescribeLock $tell)
    {
    }

    public function __invoke(UnlockRequest $asked, Request $request): Response
    {
        $this->tell->check($asked->passphrase, $request);

        return $this->tell->withCookie($this->lock->key(KeyHolder::Device), $request);
    }
}
