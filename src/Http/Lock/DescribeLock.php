<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Lock;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Http\Api\LockNeeded;
use Inlaid\App\Http\Api\Problem;
use Inlaid\App\Http\Lock\Data\LockState;
use Inlaid\App\Store\Lock\KeyHolder;
use Inlaid\App\Store\Lock\StudioLock;
use Inlaid\App\Store\Lock\TooManyTries;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What the addresses of the lock share.
 */
final readonly class DescribeLock
{
    public function __construct(private LockNeeded $needed, private StudioLock $lock)
    {
    }

    /** @param string|null $given a cookie's secret that the device has only just got */
    public function tell(Request $request, ?string $given = null, ?string $key = null): LockState
    {
        if (!$this->needed->for($request)) {
            return new LockState(false, true);
        }
        if (!$this->lock->opens($given ?? LockCookie::of($request), KeyHolder::Device)) {
            return new LockState(true, false);
        }

        return new LockState(
            needed: true,
            open: true,
            devices: $this->lock->count(KeyHolder::Device),
            hygrometer: $this->lock->count(KeyHolder::Hygrometer) > 0,
            key: $key,
        );
    }

    /** @param string $secret of the cookie; empty takes it away */
    public function withCookie(string $secret, Request $request): Response
    {
        $response = new Response(Json::encode($this->tell($request, $secret)), 200, ['Content-Type' => 'application/json']);
        $response->headers->setCookie(LockCookie::make($secret, $request));
        if ('' !== $secret && !$this->lock->opens(LockCookie::known($request), KeyHolder::Known)) {
            $response->headers->setCookie(LockCookie::makeKnown($this->lock->key(KeyHolder::Known), $request));
        }

        return $response;
    }

    /**
     * @throws Problem if it is wrong, there is none, it comes too soon, or none is asked for here
     */
    public function check(#[\SensitiveParameter] string $passphrase, Request $request): void
    {
        $this->insist($request);
        if (!$this->lock->isSet()) {
            throw new Problem(
                503,
                'no-passphrase',
                'This studio has no passphrase yet. Run bin/console inlaid:passphrase on the computer that runs it.',
            );
        }
        try {
            $right = $this->lock->try($passphrase, (string) $request->getClientIp(), LockCookie::known($request));
        } catch (TooManyTries $error) {
            throw new Problem(429, 'too-many-tries', $error->getMessage(), retryAfter: $error->seconds);
        }
        if (!$right) {
            throw InvalidInput::at('/passphrase', 'Wrong passphrase. Try again.');
        }
    }

    /**
     * @throws Problem if no passphrase is asked for here
     */
    public function insist(Request $request): void
    {
        if (!$this->needed->for($request)) {
            throw new Problem(409, 'no-lock', 'No passphrase needed: the studio is reachable from this computer only.');
        }
    }
}
