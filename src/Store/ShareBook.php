<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Store\Entity\StoredBoard;
use Inlaid\App\Store\Entity\StoredShare;
use Inlaid\Core\Board\InvalidBoard;

/**
 * Links by which clients look at a board.
 */
final readonly class ShareBook
{
    public function __construct(private EntityManagerInterface $em, private BoardBook $boards, private ClientLinks $links)
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
        return $this->em->wrapInTransaction(function () use ($boardId, $days): array {
            $board = $this->boards->get($boardId);
            [$share, $secret] = $this->links->make(StoredShare::class, $this->of($board), $days);
            $share->board = $board;
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
            $this->links->revoke($share);

            return $share->board;
        });
    }

    /**
     * @throws NotFound if the link is wrong, over or revoked
     */
    public function open(string $secret): StoredShare
    {
        return $this->links->open(StoredShare::class, $secret);
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
            $this->links->choose(link: $share, chosen: $share->patch, comment: $comment, at: '/patch');
            $share->patch = $patch;

            return $share;
        });
    }
}
