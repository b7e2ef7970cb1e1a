<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Lock;

use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Authorization\Voter\Vote;
use Symfony\Component\Security\Core\Authorization\Voter\Voter;

/**
 * Grants OWN_DOOR: what anybody may see at the studio's own port, and nobody at the clients' port.
 *
 * @extends Voter<string, mixed>
 */
final class OwnDoorVoter extends Voter
{
    private const ATTRIBUTE = 'OWN_DOOR';

    public function __construct(private readonly string $door)
    {
    }

    protected function supports(string $attribute, mixed $subject): bool
    {
        return self::ATTRIBUTE === $attribute;
    }

    protected function voteOnAttribute(string $attribute, mixed $subject, TokenInterface $token, ?Vote $vote = null): bool
    {
        return 'guest' !== $this->door;
    }
}
