<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Lock;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Lock\Data\LockState;
use Inlaid\App\Store\Lock\KeyHolder;
use Inlaid\App\Store\Lock\StudioLock;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/lock/hygrometer', methods: 'DELETE')]
#[Describe('Revoke the hygrometer key', gives: LockState::class)]
final readonly class EndHygrometerKey
{
    public function __construct(private StudioLock $lock, private DescribeLock $tell)
    {
    }

    public function __invoke(Request $request): LockState
    {
        $this->tell->insist($request);
        $this->lock->closeAll(KeyHolder::Hygrometer);

        return $this->tell->tell($request);
    }
}
