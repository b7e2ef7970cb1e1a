<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Lock;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Lock\Data\LockState;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/lock', name: 'lock', methods: 'GET')]
#[Describe('Show whether a passphrase is needed and whether this device is unlocked', gives: LockState::class)]
final readonly class ShowLock
{
    public function __construct(private DescribeLock $tell)
    {
    }

    public function __invoke(Request $request): LockState
    {
        return $this->tell->tell($request);
    }
}
