<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Lock;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Store\Entity\StoredTries;

/**
 * Counts wrong tries, and makes those who try wait.
 */
final readonly class Tries
{
    private const ANYWHERE = 'anywhere';

    public function __construct(private EntityManagerInterface $em)
    {
    }

    /**
     * Counts a try as wrong before it is known to be: many at once would else all be looked at for the price of one.
     *
     * @throws TooManyTries if it comes too soon; it is not counted then
     */
    public function begin(Guesser $from): void
    {
        $this->em->wrapInTransaction(function () use ($from): void {
            $now = new \DateTimeImmutable();
            $this->em->createQueryBuilder()->delete(StoredTries::class, 't')->where('t.lastAt < :then')->setParameter(
                'then',
                $now->modify(\sprintf('-%d seconds', SlowDown::FORGOTTEN)),
            )->getQuery()->execute();
            $counted = [[$this->of($from->place, $now), SlowDown::OnePlace]];
            if (!$from->isKnown) {
                $counted[] = [$this->of(self::ANYWHERE, $now), SlowDown::Anywhere];
            }
            $wait = max(array_map(
                static fn (array $c): int => $c[0]->lastAt->getTimestamp() + $c[1]->after($c[0]->count) - $now->getTimestamp(),
                $counted,
            ));
            if ($wait > 0) {
                throw new TooManyTries($wait);
            }
            foreach ($counted as [$tries]) {
                ++$tries->count;
                $tries->lastAt = $now;
                $this->em->persist($tries);
            }
        });
    }

    /** It was right after all. */
    public function forget(Guesser $from): void
    {
        $this->em->wrapInTransaction(function () use ($from): void {
            foreach ($from->isKnown ? [$from->place] : [$from->place, self::ANYWHERE] as $place) {
                $tries = $this->em->find(StoredTries::class, $place);
                if (null !== $tries) {
                    $this->em->remove($tries);
                }
            }
        });
    }

    private function of(string $place, \DateTimeImmutable $now): StoredTries
    {
        return $this->em->find(StoredTries::class, $place) ?? new StoredTries($place, 0, $now->modify('-1 day'));
    }
}
