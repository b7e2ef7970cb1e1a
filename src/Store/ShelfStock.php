<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Brick\Math\BigRational;
use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Store\Entity\StoredStock;
use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\Quantity;
use Inlaid\Core\Stock\Account;
use Inlaid\Core\Stock\Move;

/**
 * What is left of the packs on the shelf.
 */
final readonly class ShelfStock
{
    public function __construct(private EntityManagerInterface $em, private Ledger $ledger, private MaterialShelf $materials)
    {
    }

    /**
     * @return list<array{StoredStock, Quantity}> what is left of everything that is counted, by material
     */
    public function all(): array
    {
        $left = $this->ledger->balance(Account::shelf())->all(Account::shelf());
        $stored = $this->em->getRepository(StoredStock::class)->findBy(['materialId' => array_keys($left)], ['materialId' => 'ASC']);

        return array_map(function (StoredStock $s) use ($left): array {
            $grams = $left[$s->materialId];

            return [
                $s,
                'g' === $s->unit
                    ? Quantity::grams($grams)
                    : Quantity::millilitres($grams->dividedBy($this->materials->read($s->materialId)->body->asMeasured())),
            ];
        }, $stored);
    }

    /**
     * Keeps what was counted.
     *
     * @param Quantity|null $left null where nothing is left
     *
     * @throws NotFound if there is no such material
     */
    public function count(
        string $materialId,
        ?Quantity $left,
        ?\DateTimeImmutable $openedOn = null,
        ?\DateTimeImmutable $useBy = null,
    ): void {
        $this->em->wrapInTransaction(function () use ($materialId, $left, $openedOn, $useBy): void {
            $grams = null === $left ? BigRational::zero() : $this->materials->read($materialId)->body->inGrams($left);
            $stored = $this->stored($materialId, null === $left || Dimension::Mass === $left->dimension ? 'g' : 'ml');
            [$stored->openedOn, $stored->useBy] = [$openedOn, $useBy];
            $this->ledger->record(EntryKind::Counted, $this->ledger->balance(Account::shelf())->count($materialId, $grams));
        });
    }

    /**
     * Puts what was bought on the shelf, all of it or nothing.
     *
     * @param non-empty-list<Quantity> $packs
     *
     * @throws NotFound                        if there is no such material
     * @throws \Inlaid\Core\Stock\InvalidStock if it is nothing
     */
    public function buy(string $materialId, array $packs, ?Booking $booking = null): void
    {
        $this->em->wrapInTransaction(function () use ($materialId, $packs, $booking): void {
            if (null !== $this->ledger->booked($booking)) {
                return;
            }
            $this->stored($materialId, Dimension::Mass === $packs[0]->dimension ? 'g' : 'ml');
            $body = $this->materials->read($materialId)->body;
            $moves = array_map(
                static fn (Quantity $pack): Move => Move::of(
                    materialId: $materialId,
                    grams: $body->inGrams($pack),
                    from: Account::bought(),
                    to: Account::shelf(),
                ),
                $packs,
            );
            $this->ledger->record(EntryKind::Bought, $moves, booking: $booking);
        });
    }

    private function stored(string $materialId, string $unit): StoredStock
    {
        $this->materials->get($materialId);
        $stored = $this->em->find(StoredStock::class, $materialId) ?? new StoredStock($materialId, $unit);
        $stored->unit = $unit;
        $this->em->persist($stored);

        return $stored;
    }
}
