<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Lock;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\Lock\KeyHolder;
use Inlaid\App\Store\Lock\StudioLock;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/lock/hygrometer', methods: 'POST')]
#[Describe('Make a key with which hygrometers say what they measure ("Authorization: Bearer …"), and nothing else; the one before ends', gives: LockState::class, status: 201)]
final readonly class MakeHygrometerKey
{
    public function __construct(private StudioLock $lock, private TellLock $tell)
    {
    }

    public function __invoke(Request $request): LockState
    {
        $this->tell->insist($request);

        return $this->tell->tell($request, key: $this->lock->key(KeyHolder::Hygrometer));
    }
}
