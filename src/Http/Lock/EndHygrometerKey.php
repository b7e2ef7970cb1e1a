<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Lock;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\Lock\KeyHolder;
use Inlaid\App\Store\Lock\StudioLock;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/lock/hygrometer', methods: 'DELETE')]
#[Describe('End the key of the hygrometers', gives: LockState::class)]
final readonly class EndHygrometerKey
{
    public function __construct(private StudioLock $lock, private TellLock $tell)
    {
    }

    public function __invoke(Request $request): LockState
    {
        $this->tell->insist($request);
        $this->lock->closeAll(KeyHolder::Hygrometer);

        return $this->tell->tell($request);
    }
}
