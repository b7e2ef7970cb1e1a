<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Store\Entity\ClientLink;
use Symfony\Component\Uid\Ulid;

/**
 * What all links for clients have in common: unguessable (256 bits), each for some days, revocable, good for one choice.
 *
 * A link that is wrong, over or revoked is told alike, so that nothing can be learnt by trying.
 */
final readonly class ClientLinks
{
    public const MOST_DAYS = 90;
    private const MOST_OPEN = 20;

    public function __construct(private EntityManagerInterface $em)
    {
    }

    /**
     * @template T of ClientLink
     *
     * @param class-string<T>  $class
     * @param list<ClientLink> $before to the same thing
     *
     * @return array{T, string} the link, not yet stored, and its secret, which is not kept
     *
     * @throws InvalidInput if it is to last too long, or too many are open
     */
    public function make(string $class, array $before, int $days): array
    {
        if ($days < 1 || $days > self::MOST_DAYS) {
            throw InvalidInput::at('/days', \sprintf('Enter 1 to %d days', self::MOST_DAYS));
        }
        $now = new \DateTimeImmutable();
        if (self::MOST_OPEN <= \count(array_filter($before, static fn (ClientLink $l): bool => $l->isOpen($now)))) {
            throw InvalidInput::at('', \sprintf('Maximum %d open links. Close one first.', self::MOST_OPEN));
        }
        $secret = Secret::make();

        return [new $class((string) new Ulid(), Secret::hash($secret), $now, $now->modify("+$days days")), $secret];
    }

    /**
     * @template T of ClientLink
     *
     * @param class-string<T> $class
     *
     * @return T
     *
     * @throws NotFound if the link is wrong, over or revoked
     */
    public function open(string $class, string $secret): ClientLink
    {
        $link = $this->em->getRepository($class)->findOneBy(['tokenHash' => Secret::hash($secret)]);

        return null !== $link && $link->isOpen(new \DateTimeImmutable()) ? $link : throw NotFound::linkClosed();
    }

    /**
     * The one choice of a link is made now.
     *
     * @param string|null $chosen what was chosen with it before
     *
     * @throws InvalidInput if there was
     */
    public function choose(ClientLink $link, ?string $chosen, string $comment, string $at): void
    {
        if (null !== $chosen) {
            throw InvalidInput::at($at, "$chosen is already chosen with this link. Ask the studio for a new link to choose again.");
        }
        [$link->comment, $link->chosenAt] = [$comment, new \DateTimeImmutable()];
    }

    public function revoke(ClientLink $link): void
    {
        $link->revokedAt ??= new \DateTimeImmutable();
    }
}
