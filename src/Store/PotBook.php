<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Brick\Math\BigRational;
use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadMaterial;
use Inlaid\App\Exchange\Document\WriteMaterial;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\Entity\StoredBalance;
use Inlaid\App\Store\Entity\StoredPot;
use Inlaid\App\Store\Sqlite\Containing;
use Inlaid\Core\Context\PotAtHand;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Mixing\Contents;
use Inlaid\Core\Mixing\Portion;
use Inlaid\Core\Stock\Account;
use Inlaid\Core\Stock\Balance;
use Inlaid\Core\Stock\InvalidStock;
use Inlaid\Core\Stock\Move;
use Symfony\Component\Uid\Ulid;

/**
 * Pots: mixed, topped up, poured together, used and thrown away. What is in one is what the ledger says; every change is one transaction.
 */
final readonly class PotBook
{
    public const PAGE = 60;
    /** ml: who takes all but so little takes all. */
    private const CLINGS = '1/1000';

    public function __construct(
        private EntityManagerInterface $em,
        private Ledger $ledger,
        private ReadMaterial $read = new ReadMaterial(),
        private WriteMaterial $write = new WriteMaterial(),
    ) {
    }

    /**
     * @throws NotFound
     */
    public function get(string $id): StoredPot
    {
        return $this->em->find(StoredPot::class, $id) ?? throw NotFound::of('pot', $id);
    }

    /**
     * @param bool|null $inStock only those with something in them, or only the empty ones
     *
     * @return array{int, list<StoredPot>} how many match, and one page of them, the last made first
     */
    public function search(string $query, ?bool $inStock, int $page): array
    {
        $find = $this->em->createQueryBuilder()->from(StoredPot::class, 'p');
        Containing::text($find, 'p.name', $query);
        if (null !== $inStock) {
            $holds = \sprintf("SELECT b.account FROM %s b WHERE b.account = CONCAT(:pot, p.id) AND b.grams <> '0'", StoredBalance::class);
            $find->andWhere(($inStock ? '' : 'NOT ')."EXISTS ($holds)")->setParameter('pot', Account::pot('')->key);
        }
        $total = (int) (clone $find)->select('COUNT(p.id)')->getQuery()->getSingleScalarResult();
        /** @var list<StoredPot> $found */
        $found = $find
            ->select('p')
            ->orderBy('p.madeAt', 'DESC')
            ->addOrderBy('p.id', 'DESC')
            ->setFirstResult(self::PAGE * ($page - 1))
            ->setMaxResults(self::PAGE)
            ->getQuery()
            ->getResult();

        return [$total, $found];
    }

    /**
     * @return array<string, Material> of what is or was in it, by id
     */
    public function materials(StoredPot $pot): array
    {
        $document = Json::decode($pot->document);

        return array_column(
            array_map(
                static fn (Material $m): array => [$m->id, $m],
                Node::read($document, fn (Node $n): array => $n->list('materials', $this->read->read(...))),
            ),
            1,
            0,
        );
    }

    /**
     * @return list<Contents> of each pot, in the order of its document
     */
    public function contents(StoredPot ...$pots): array
    {
        $pots = array_values($pots);
        $accounts = array_map(static fn (StoredPot $p): Account => Account::pot($p->id), $pots);
        $balance = [] === $pots ? Balance::of() : $this->ledger->balance(...$accounts);

        return array_map(
            fn (StoredPot $p, Account $a): Contents => Contents::of(array_map(
                static fn (Material $m): Portion => Portion::of($m, $balance->grams($a, $m->id)),
                $this->materials($p),
            )),
            $pots,
            $accounts,
        );
    }

    /**
     * What is in every pot that is not empty.
     *
     * @return list<PotAtHand>
     */
    public function atHand(Balance $balance): array
    {
        $found = [];
        /** @var list<array{id: string, name: string, useBy: \DateTimeImmutable|null}> $pots */
        $pots = $this->em->createQuery('SELECT p.id, p.name, p.useBy FROM '.StoredPot::class.' p ORDER BY p.madeAt, p.id')->getResult();
        foreach ($pots as $pot) {
            $holds = $balance->all(Account::pot($pot['id']));
            if ([] !== $holds) {
                $found[] = new PotAtHand(
                    id: $pot['id'],
                    name: $pot['name'],
                    goodUntil: null === $pot['useBy'] ? null : PotAtHand::endOf($pot['useBy']),
                    grams: $holds,
                );
            }
        }

        return $found;
    }

    /**
     * A new pot, filled from the shelf. As all bookings here: what was booked before under the same key is not booked again.
     *
     * @param \Closure(string): StoredPot $pot a pot with that id
     *
     * @throws InvalidStock if nothing goes in
     */
    public function mix(\Closure $pot, Contents $holds, ?Booking $booking = null): StoredPot
    {
        return $this->once($booking, function () use ($pot, $holds, $booking): StoredPot {
            $made = $pot((string) new Ulid());
            $this->em->persist($made);
            $this->fill(pot: $made, more: $holds, kind: EntryKind::Mixed, booking: $booking);

            return $made;
        });
    }

    /**
     * @throws NotFound
     * @throws InvalidStock if nothing is added
     */
    public function add(string $id, Contents $more, ?Booking $booking = null): StoredPot
    {
        return $this->once($booking, function () use ($id, $more, $booking): StoredPot {
            $pot = $this->get($id);
            $this->fill(pot: $pot, more: $more, kind: EntryKind::Added, booking: $booking);

            return $pot;
        });
    }

    /**
     * A pot put right: some of it is poured off into a pot of its own, and something is added to the rest; both or neither.
     *
     * @param \Closure(StoredPot, string): StoredPot $off what is poured off, with that id
     * @param BigRational                            $ml  that is poured off
     *
     * @throws NotFound
     * @throws InvalidStock if it is not there, or nothing is added
     */
    public function correct(string $id, \Closure $off, BigRational $ml, Contents $more, ?Booking $booking = null): StoredPot
    {
        return $this->once($booking, function () use ($id, $off, $ml, $more, $booking): StoredPot {
            $pot = $this->get($id);
            $made = $off($pot, (string) new Ulid());
            $this->em->persist($made);
            $this->ledger->record(EntryKind::PouredOff, $this->draw($pot, $ml, Account::pot($made->id)), $made->id);
            $this->fill(pot: $pot, more: $more, kind: EntryKind::Added, booking: $booking);

            return $pot;
        });
    }

    /**
     * Takes some of it, or all, and says what for.
     *
     * @param BigRational|null $ml null for all
     *
     * @throws NotFound
     * @throws InvalidStock if it is not there
     */
    public function take(string $id, ?BigRational $ml, EntryKind $kind, Account $to, string $note = '', ?Booking $booking = null): StoredPot
    {
        return $this->once($booking, function () use ($id, $ml, $kind, $to, $note, $booking): StoredPot {
            $pot = $this->get($id);
            $this->ledger->record(kind: $kind, moves: $this->draw($pot, $ml, $to), potId: $id, note: $note, booking: $booking);

            return $pot;
        });
    }

    /**
     * @param BigRational $grams of one of the materials in it
     *
     * @throws NotFound
     * @throws InvalidStock if it is not there
     */
    public function evaporate(string $id, string $materialId, BigRational $grams, ?Booking $booking = null): StoredPot
    {
        return $this->once($booking, function () use ($id, $materialId, $grams, $booking): StoredPot {
            $pot = $this->get($id);
            $this->ledger->record(
                EntryKind::Evaporated,
                [Move::of(materialId: $materialId, grams: $grams, from: Account::pot($id), to: Account::thrown())],
                $id,
                booking: $booking,
            );

            return $pot;
        });
    }

    /**
     * A new pot of what is taken from others, and of what is added from the shelf.
     *
     * @param \Closure(string): StoredPot     $pot  a pot with that id
     * @param array<string, BigRational|null> $from ml by pot, null for all
     *
     * @throws NotFound
     * @throws InvalidStock if something is not there, or nothing goes in
     */
    public function pool(\Closure $pot, array $from, Contents $more, ?Booking $booking = null): StoredPot
    {
        return $this->once($booking, function () use ($pot, $from, $more, $booking): StoredPot {
            $made = $pot((string) new Ulid());
            $this->em->persist($made);
            foreach ($from as $id => $ml) {
                $source = $this->get((string) $id);
                $this->remember($made, $this->materials($source));
                $first = array_key_first($from) === $id ? $booking : null;
                $this->ledger->record(
                    1 < \count($from) ? EntryKind::Pooled : EntryKind::PouredOff,
                    $this->draw($source, $ml, Account::pot($made->id)),
                    $made->id,
                    booking: $first,
                );
            }
            if (!$more->isEmpty()) {
                $this->fill($made, $more, EntryKind::Added);
            }

            return $made;
        });
    }

    /**
     * @param \Closure(): StoredPot $do
     */
    private function once(?Booking $booking, \Closure $do): StoredPot
    {
        return $this->em->wrapInTransaction(function () use ($booking, $do): StoredPot {
            $before = $this->ledger->booked($booking);

            return null === $before ? $do() : $this->get((string) $before->potId);
        });
    }

    /**
     * @throws InvalidStock if nothing goes in
     */
    private function fill(StoredPot $pot, Contents $more, EntryKind $kind, ?Booking $booking = null): void
    {
        if ($more->isEmpty()) {
            throw InvalidStock::nothing();
        }
        $this->remember($pot, array_map(static fn (Portion $p): Material => $p->material, $more->portions));
        $this->ledger->record(
            $kind,
            $this->ledger->balance(Account::shelf())->fill(
                Account::pot($pot->id),
                array_map(static fn (Portion $p): BigRational => $p->grams, $more->portions),
            ),
            $pot->id,
            booking: $booking,
        );
    }

    /**
     * @return list<Move>
     *
     * @throws InvalidStock if it is not there
     */
    private function draw(StoredPot $pot, ?BigRational $ml, Account $to): array
    {
        $volume = $this->contents($pot)[0]->volume();
        if ($volume->isZero()) {
            throw InvalidStock::notThere();
        }
        $account = Account::pot($pot->id);
        $isAll = null === $ml || $ml->minus($volume)->abs()->isLessThan(self::CLINGS);

        return $this->ledger->balance($account)->draw($account, $isAll ? BigRational::one() : $ml->dividedBy($volume), $to);
    }

    /**
     * Keeps copies of the materials that come into a pot, so that its contents stay what they are.
     *
     * @param iterable<Material> $materials
     */
    private function remember(StoredPot $pot, iterable $materials): void
    {
        $document = Json::object($pot->document);
        $known = $this->materials($pot);
        foreach ($materials as $material) {
            if (!isset($known[$material->id])) {
                $document->materials = [...Json::objects($document, 'materials'), $this->write->write($material)];
            }
        }
        $pot->document = Json::encode($document);
    }
}
