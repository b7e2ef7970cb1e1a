<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Store\Entity\StoredFeed;

/**
 * The secret by which a calendar program subscribes to the days: 256 bits, of which only the hash is kept. There is one; a new one ends the
 * one before.
 */
final readonly class CalendarFeed
{
    public function __construct(private EntityManagerInterface $em)
    {
    }

    public function since(): ?\DateTimeImmutable
    {
        return $this->em->find(StoredFeed::class, StoredFeed::ID)?->createdAt;
    }

    /** @return string the secret, which is not kept */
    public function open(): string
    {
        $secret = Secret::make();

        return $this->em->wrapInTransaction(function () use ($secret): string {
            $feed = $this->em->find(StoredFeed::class, StoredFeed::ID) ?? new StoredFeed('', new \DateTimeImmutable());
            [$feed->tokenHash, $feed->createdAt] = [Secret::hash($secret), new \DateTimeImmutable()];
            $this->em->persist($feed);

            return $secret;
        });
    }

    public function close(): void
    {
        $this->em->wrapInTransaction(function (): void {
            $feed = $this->em->find(StoredFeed::class, StoredFeed::ID);
            if (null !== $feed) {
                $this->em->remove($feed);
            }
        });
    }

    /**
     * @throws NotFound if it is not that secret, or there is none
     */
    public function check(string $secret): void
    {
        $feed = $this->em->find(StoredFeed::class, StoredFeed::ID);
        if (null === $feed || !hash_equals($feed->tokenHash, Secret::hash($secret))) {
            throw NotFound::linkClosed();
        }
    }
}
