<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Lock;

use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Lock\Data\LockRequest;
use Inlaid\App\Http\Lock\Data\LockState;
use Inlaid\App\Store\Lock\KeyHolder;
use Inlaid\App\Store\Lock\StudioLock;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/lock', methods: 'DELETE')]
#[Describe('Lock this device, or all devices', takes: LockRequest::class, gives: LockState::class)]
final readonly class LeaveStudio
{
    public function __construct(private StudioLock $lock, private DescribeLock $tell)
    {
    }

    public function __invoke(Body $body, Request $request): Response
    {
        $this->tell->insist($request);
        $body->as(LockRequest::class)->all ? $this->lock->closeAll(KeyHolder::Device) : $this->lock->close(LockCookie::of($request));

        return $this->tell->withCookie('', $request);
    }
}
