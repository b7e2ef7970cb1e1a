<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Lock;

use Doctrine\DBAL\Exception as DbalException;
use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Store\Entity\StoredKey;
use Inlaid\App\Store\Entity\StoredPassphrase;
use Inlaid\App\Store\Secret;

/**
 * The passphrase of the studio, and the keys of those that have given it.
 */
final readonly class StudioLock
{
    /** Characters: short of that it is guessed. */
    public const SHORTEST = 12;
    /** Bytes: what comes after is not looked at by PHP's password hash. */
    public const LONGEST = 72;
    /** A use is written down once in so many seconds. */
    private const USED = 3600;

    public function __construct(private EntityManagerInterface $em, private Tries $tries)
    {
    }

    public function isSet(): bool
    {
        return null !== $this->passphrase();
    }

    /**
     * Sets another passphrase; whoever was in must give it anew.
     *
     * @throws \DomainException if it is too short or too long
     */
    public function set(#[\SensitiveParameter] string $passphrase): void
    {
        if (mb_strlen($passphrase) < self::SHORTEST || 1 === preg_match('/^(.)\1*$/us', $passphrase)) {
            throw new \DomainException(\sprintf(
                'Enter at least %d characters, not all the same. Four words are easy to remember.',
                self::SHORTEST,
            ));
        }
        if (\strlen($passphrase) > self::LONGEST || str_contains($passphrase, "\0")) {
            throw new \DomainException(\sprintf('Enter %d characters or fewer', self::LONGEST));
        }
        $hash = password_hash($passphrase, \PASSWORD_DEFAULT);
        $this->em->wrapInTransaction(function () use ($hash): void {
            $kept = $this->passphrase() ?? new StoredPassphrase('', new \DateTimeImmutable());
            [$kept->hash, $kept->changedAt] = [$hash, new \DateTimeImmutable()];
            $this->em->persist($kept);
            $this->closeAll(KeyHolder::Device);
        });
    }

    /**
     * @param string $known the secret of a device where the passphrase was entered before; empty if there is none
     *
     * @return bool whether it is the passphrase
     *
     * @throws TooManyTries
     */
    public function try(#[\SensitiveParameter] string $passphrase, string $address, string $known = ''): bool
    {
        $from = $this->opens($known, KeyHolder::Known) ? Guesser::device($known) : Guesser::address($address);
        $this->tries->begin($from);
        $kept = $this->passphrase();
        $right = null !== $kept && password_verify($passphrase, $kept->hash);
        if ($right) {
            $this->tries->forget($from);
        }

        return $right;
    }

    /**
     * @return string a new secret, which is not kept
     */
    public function key(KeyHolder $holder): string
    {
        $secret = Secret::make();
        $this->em->wrapInTransaction(function () use ($secret, $holder): void {
            null === $holder->days() ? $this->closeAll($holder) : $this->forgetUnused($holder); // of those that never end there is one
            $this->em->persist(new StoredKey(
                tokenHash: Secret::hash($secret),
                holder: $holder,
                createdAt: new \DateTimeImmutable(),
                usedAt: new \DateTimeImmutable(),
            ));
        });

        return $secret;
    }

    public function opens(string $secret, KeyHolder $holder): bool
    {
        $key = '' === $secret ? null : $this->em->find(StoredKey::class, Secret::hash($secret));
        if (null === $key || $holder !== $key->holder || (null !== $holder->days() && $key->usedAt < self::daysAgo($holder->days()))) {
            return false;
        }
        if (time() - $key->usedAt->getTimestamp() > self::USED) {
            $this->used($key);
        }

        return true;
    }

    /** Where nothing can be written, a device is let in all the same. */
    private function used(StoredKey $key): void
    {
        try {
            $this
                ->em
                ->createQueryBuilder()
                ->update(StoredKey::class, 'k')
                ->set('k.usedAt', ':now')
                ->where('k.tokenHash = :key')
                ->setParameter(
                    'now',
                    new \DateTimeImmutable(),
                )->setParameter('key', $key->tokenHash)->getQuery()->execute();
        } catch (DbalException) {
        }
    }

    public function close(string $secret): void
    {
        $this->em->wrapInTransaction(function () use ($secret): void {
            $key = $this->em->find(StoredKey::class, Secret::hash($secret));
            if (null !== $key) {
                $this->em->remove($key);
            }
        });
    }

    public function closeAll(KeyHolder $holder): void
    {
        $this
            ->em
            ->createQueryBuilder()
            ->delete(StoredKey::class, 'k')
            ->where('k.holder = :holder')
            ->setParameter('holder', $holder)
            ->getQuery()
            ->execute();
    }

    private function forgetUnused(KeyHolder $holder): void
    {
        $this->em->createQueryBuilder()->delete(StoredKey::class, 'k')->where(
            'k.holder = :holder AND k.usedAt < :then',
        )->setParameter('holder', $holder)->setParameter(
            'then',
            self::daysAgo((int) $holder->days()),
        )->getQuery()->execute();
    }

    private static function daysAgo(int $days): \DateTimeImmutable
    {
        return new \DateTimeImmutable("-$days days");
    }

    public function count(KeyHolder $holder): int
    {
        return $this->em->getRepository(StoredKey::class)->count(['holder' => $holder]);
    }

    private function passphrase(): ?StoredPassphrase
    {
        return $this->em->find(StoredPassphrase::class, StoredPassphrase::ID);
    }
}
