<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\Entity\StoredBalance;
use Inlaid\App\Store\Entity\StoredEntry;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Stock\Account;
use Inlaid\Core\Stock\Balance;
use Inlaid\Core\Stock\InvalidStock;
use Inlaid\Core\Stock\Move;
use Symfony\Component\Uid\Ulid;

/**
 * What was bought, mixed, used and thrown away: lines are added and never changed. Writes belong into a transaction of the caller's.
 */
final readonly class Ledger
{
    public const PAGE = 100;

    public function __construct(private EntityManagerInterface $em)
    {
    }

    /**
     * @param Account ...$only these accounts, none for all
     */
    public function balance(Account ...$only): Balance
    {
        $grams = [];
        foreach ($this->em->getRepository(StoredBalance::class)->findBy([] === $only ? [] : ['account' => array_map(
            static fn (Account $a): string => $a->key,
            $only,
        )]) as $row) {
            $grams[$row->account][$row->materialId] = ExactNumber::stored($row->grams);
        }

        return Balance::of($grams);
    }

    /**
     * What can still be taken: from the shelf and from pots.
     */
    public function onHand(): Balance
    {
        $grams = [];
        /** @var list<array{account: string, materialId: string, grams: string}> $rows */
        $rows = $this->em->createQuery(
            'SELECT b.account, b.materialId, b.grams FROM '.StoredBalance::class.' b WHERE b.account NOT IN (:gone)',
        )->setParameter('gone', [Account::bought()->key, Account::used()->key, Account::thrown()->key])->getScalarResult();
        foreach ($rows as $row) {
            $grams[$row['account']][$row['materialId']] = ExactNumber::stored($row['grams']);
        }

        return Balance::of($grams);
    }

    /**
     * What was booked under a key before; null if nothing was, or there is no key.
     *
     * @throws BookedOtherwise if that was something else
     */
    public function booked(?Booking $booking): ?StoredEntry
    {
        $entry = null === $booking ? null : $this->em->getRepository(StoredEntry::class)->findOneBy(['booking' => $booking->key]);

        return null === $entry || $entry->request === $booking->request ? $entry : throw new BookedOtherwise();
    }

    /**
     * @param list<Move> $moves
     *
     * @throws InvalidStock if something is not there
     */
    public function record(EntryKind $kind, array $moves, ?string $potId = null, string $note = '', ?Booking $booking = null): void
    {
        if ([] === $moves) {
            return;
        }
        $after = $this->balance(...array_merge(...array_map(static fn (Move $m): array => [$m->from, $m->to], $moves)))->after(...$moves);
        $this->em->persist(new StoredEntry(
            id: (string) new Ulid(),
            at: new \DateTimeImmutable(),
            kind: $kind->value,
            potId: $potId,
            moves: Json::encode(array_map(static fn (Move $m): array => $m->written(), $moves)),
            note: $note,
            booking: $booking?->key,
            request: $booking?->request,
        ));
        foreach ($moves as $move) {
            foreach ([$move->from, $move->to] as $account) {
                $row = $this->em->find(
                    StoredBalance::class,
                    ['account' => $account->key, 'materialId' => $move->materialId],
                ) ?? new StoredBalance($account->key, $move->materialId, '0');
                $row->grams = ExactNumber::exact($after->grams($account, $move->materialId));
                $this->em->persist($row);
            }
        }
        $this->em->flush();
    }

    /**
     * @return array{int, list<StoredEntry>} how many there are, and one page of them, the last first
     */
    public function entries(?string $potId, int $page): array
    {
        $entries = $this->em->getRepository(StoredEntry::class);
        $which = null === $potId ? [] : ['potId' => $potId];

        return [$entries->count($which), $entries->findBy($which, ['id' => 'DESC'], self::PAGE, self::PAGE * ($page - 1))];
    }
}
