<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Lock;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Lock\Data\ChangePassphraseRequest;
use Inlaid\App\Http\Lock\Data\LockState;
use Inlaid\App\Store\Lock\KeyHolder;
use Inlaid\App\Store\Lock\StudioLock;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/lock', methods: 'PUT')]
#[Describe('Change the passphrase; other devices must enter the new one', takes: ChangePassphraseRequest::class, gives: LockState::class)]
final readonly class ChangePassphrase
{
    public function __construct(private StudioLock $lock, private DescribeLock $tell)
    {
    }

    public function __invoke(Body $body, Request $request): Response
    {
        $this->tell->insist($request);
        $change = $body->as(ChangePassphraseRequest::class);
        $this->tell->check($change->passphrase, $request);
        try {
            $this->lock->set($change->next);
        } catch (\DomainException $error) {
            throw InvalidInput::at('/next', $error->getMessage());
        }

        return $this->tell->withCookie($this->lock->key(KeyHolder::Device), $request);
    }
}
