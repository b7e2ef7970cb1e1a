<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Lock;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Lock\Data\LockState;
use Inlaid\App\Store\Lock\KeyHolder;
use Inlaid\App\Store\Lock\StudioLock;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/lock/hygrometer', methods: 'POST')]
#[Describe(
    'Create a key for hygrometers ("Authorization: Bearer …"); the previous one stops working',
    gives: LockState::class,
    status: 201,
)]
final readonly class MakeHygrometerKey
{
    public function __construct(private StudioLock $lock, private DescribeLock $tell)
    {
    }

    public function __invoke(Request $request): LockState
    {
        $this->tell->insist($request);

        return $this->tell->tell($request, key: $this->lock->key(KeyHolder::Hygrometer));
    }
}
