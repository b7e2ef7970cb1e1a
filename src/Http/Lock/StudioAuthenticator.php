<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Lock;

use Inlaid\App\Http\Api\LockNeeded;
use Inlaid\App\Http\Api\Problem;
use Inlaid\App\Store\Lock\KeyHolder;
use Inlaid\App\Store\Lock\StudioLock;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\User\InMemoryUser;
use Symfony\Component\Security\Http\Authenticator\AbstractAuthenticator;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\SelfValidatingPassport;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;

/**
 * Tells who asks: the painter (at this machine, or on a device where the passphrase was entered), or a hygrometer with its key.
 *
 * At the clients' port nobody is the painter.
 */
final class StudioAuthenticator extends AbstractAuthenticator implements AuthenticationEntryPointInterface
{
    public const STUDIO = 'ROLE_STUDIO';
    public const HYGROMETER = 'ROLE_HYGROMETER';
    private const HYGROMETER_ROUTE = 'hygrometer_report';

    public function __construct(private readonly LockNeeded $needed, private readonly StudioLock $lock, private readonly string $door)
    {
    }

    public function supports(Request $request): bool
    {
        return 'guest' !== $this->door;
    }

    /**
     * @throws AuthenticationException if it is nobody we know; what is public is answered all the same
     */
    public function authenticate(Request $request): SelfValidatingPassport
    {
        $role = match (true) {
            !$this->needed->for($request), $this->lock->opens(LockCookie::of($request), KeyHolder::Device) => self::STUDIO,
            self::HYGROMETER_ROUTE === $request->attributes->get('_route')
                && $this->lock->opens(self::bearer($request), KeyHolder::Hygrometer) => self::HYGROMETER,
            default => throw new AuthenticationException(),
        };

        return new SelfValidatingPassport(new UserBadge($role, static fn (): InMemoryUser => new InMemoryUser($role, null, [$role])));
    }

    public function onAuthenticationSuccess(Request $request, TokenInterface $token, string $firewallName): ?Response
    {
        return null;
    }

    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): ?Response
    {
        return null;
    }

    /** What somebody is told whom we do not know, at an address that is not public. */
    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        return ('guest' === $this->door
            ? new Problem(404, 'not-for-guests', 'Nothing at this address. Open your client link.')
            : new Problem(401, 'passphrase', 'This studio is locked. Enter the passphrase.'))->response();
    }

    private static function bearer(Request $request): string
    {
        return 1 === preg_match('/^Bearer ([A-Za-z0-9_-]{43})$/', (string) $request->headers->get('Authorization'), $found)
            ? $found[1]
            : '';
    }
}
