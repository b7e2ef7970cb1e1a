<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Store\Entity\StoredBoard;
use Inlaid\App\Store\Entity\StoredShare;
use Inlaid\Core\Board\InvalidBoard;
use Symfony\Component\Uid\Ulid;

/**
 * Links by which clients look at a board: unguessable (256 bits), each for some days, revocable, good for one choice.
 *
 * A link that is wrong, over or revoked is told alike, so that nothing can be learnt by trying.
 */
final readonly class ShareBook
{
    public const MOST_DAYS = 90;
    private const MOST_OPEN = 20;

    public function __construct(private EntityManagerInterface $em, private BoardBook $boards)
    {
    }

    /**
     * @return list<StoredShare> the newest first
     */
    public function of(StoredBoard $board): array
    {
        return $this->em->getRepository(StoredShare::class)->findBy(['board' => $board], ['createdAt' => 'DESC', 'id' => 'DESC']);
    }

    /**
     * @return array{StoredShare, string} the link and its secret, which is not kept
     *
     * @throws NotFound
     * @throws InvalidInput if it is to last too long, or too many are open
     */
    public function share(string $boardId, int $days): array
    {
        if ($days < 1 || $days > self::MOST_DAYS) {
            throw InvalidInput::at('/days', \sprintf('Enter 1 to %d days', self::MOST_DAYS));
        }

        return $this->em->wrapInTransaction(function () use ($boardId, $days): array {
            $board = $this->boards->get($boardId);
            $now = new \DateTimeImmutable();
            if (self::MOST_OPEN <= \count(array_filter($this->of($board), static fn (StoredShare $s): bool => $s->isOpen($now)))) {
                throw InvalidInput::at('', \sprintf('Maximum %d open links. Close one first.', self::MOST_OPEN));
            }
            $secret = Secret::make();
            $share = new StoredShare(
                id: (string) new Ulid(),
                board: $board,
                tokenHash: Secret::hash($secret),
                createdAt: $now,
                expiresAt: $now->modify("+$days days"),
            );
            $this->em->persist($share);

            return [$share, $secret];
        });
    }

    /**
     * @throws NotFound
     */
    public function revoke(string $boardId, string $shareId): StoredBoard
    {
        return $this->em->wrapInTransaction(function () use ($boardId, $shareId): StoredBoard {
            $share = $this->em->find(StoredShare::class, $shareId);
            if (null === $share || $share->board->id !== $boardId) {
                throw NotFound::of('link', $shareId);
            }
            $share->revokedAt ??= new \DateTimeImmutable();

            return $share->board;
        });
    }

    /**
     * @throws NotFound if the link is wrong, over or revoked
     */
    public function open(string $secret): StoredShare
    {
        $share = $this->em->getRepository(StoredShare::class)->findOneBy(['tokenHash' => Secret::hash($secret)]);
        if (null === $share || !$share->isOpen(new \DateTimeImmutable())) {
            throw NotFound::linkClosed();
        }

        return $share;
    }

    /**
     * The one choice of a link.
     *
     * @throws NotFound     if the link is wrong, over or revoked
     * @throws InvalidBoard if there is no such patch
     * @throws InvalidInput if it was made already
     */
    public function choose(string $secret, string $patch, string $comment): StoredShare
    {
        return $this->em->wrapInTransaction(function () use ($secret, $patch, $comment): StoredShare {
            $share = $this->open($secret);
            $this->boards->checkPatch($share->board, $patch);
            if (null !== $share->chosenAt) {
                throw InvalidInput::at(
                    '/patch',
                    \sprintf(
                        'Patch %s is already chosen with this link. Ask the studio for a new link to choose again.',
                        $share->patch ?? '',
                    ),
                );
            }
            [$share->patch, $share->comment, $share->chosenAt] = [$patch, $comment, new \DateTimeImmutable()];

            return $share;
        });
    }
}
