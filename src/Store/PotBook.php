<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Brick\Math\BigRational;
use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadMaterial;
use Inlaid\App\Exchange\Document\WriteMaterial;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\Entity\StoredPot;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Mixing\Contents;
use Inlaid\Core\Mixing\Portion;
use Inlaid\Core\Stock\Account;
use Inlaid\Core\Stock\Balance;
use Inlaid\Core\Stock\Move;
use Inlaid\Core\Stock\StockRefusal;
use Symfony\Component\Uid\Ulid;

/**
 * Pots: mixed, topped up, poured together, used and thrown away. What is in one is what the ledger says; every change is one transaction.
 */
final readonly class PotBook
{
    public const PAGE = 60;

    public function __construct(private EntityManagerInterface $em, private Ledger $ledger, private ReadMaterial $read = new ReadMaterial(), private WriteMaterial $write = new WriteMaterial())
    {
    }

    /**
     * @throws NotThere
     */
    public function get(string $id): StoredPot
    {
        return $this->em->find(StoredPot::class, $id) ?? throw NotThere::of('pot', $id);
    }

    /**
     * @return array{int, list<StoredPot>} how many there are, and one page of them, the last made first
     */
    public function page(int $page): array
    {
        $pots = $this->em->getRepository(StoredPot::class);

        return [$pots->count(), $pots->findBy([], ['madeAt' => 'DESC', 'id' => 'DESC'], self::PAGE, self::PAGE * ($page - 1))];
    }

    /**
     * @return array<string, Material> of what is or was in it, by id
     */
    public function materials(StoredPot $pot): array
    {
        $document = Json::decode($pot->document);

        return array_column(array_map(static fn (Material $m): array => [$m->id, $m], Node::read($document, fn (Node $n): array => $n->list('materials', $this->read->read(...)))), 1, 0);
    }

    /**
     * @return list<Contents> of each pot, in the order of its document
     */
    public function contents(StoredPot ...$pots): array
    {
        $pots = array_values($pots);
        $accounts = array_map(static fn (StoredPot $p): Account => Account::pot($p->id), $pots);
        $balance = [] === $pots ? Balance::of() : $this->ledger->balance(...$accounts);

        return array_map(fn (StoredPot $p, Account $a): Contents => Contents::of(array_map(static fn (Material $m): Portion => Portion::of($m, $balance->grams($a, $m->id)), $this->materials($p))), $pots, $accounts);
    }

    /**
     * What is in every pot that is not empty, as a context tells it.
     *
     * @return list<\stdClass>
     */
    public function atHand(Balance $balance): array
    {
        $found = [];
        /** @var list<array{id: string, name: string, useBy: \DateTimeImmutable|null}> $pots */
        $pots = $this->em->createQuery('SELECT p.id, p.name, p.useBy FROM '.StoredPot::class.' p ORDER BY p.madeAt, p.id')->getResult();
        foreach ($pots as $pot) {
            $holds = array_map(ExactNumber::exact(...), $balance->all(Account::pot($pot['id'])));
            if ([] !== $holds) {
                $found[] = (object) array_filter(['id' => $pot['id'], 'name' => $pot['name'], 'goodUntil' => $pot['useBy']?->format('Y-m-d'), 'holds' => (object) $holds]);
            }
        }

        return $found;
    }

    /**
     * A new pot, filled from the shelf.
     *
     * @param \Closure(string): StoredPot $pot a pot with that id
     *
     * @throws StockRefusal if nothing goes in
     */
    public function mix(\Closure $pot, Contents $holds): StoredPot
    {
        return $this->em->wrapInTransaction(function () use ($pot, $holds): StoredPot {
            $made = $pot((string) new Ulid());
            $this->em->persist($made);
            $this->fill($made, $holds, EntryKind::Mixed);

            return $made;
        });
    }

    /**
     * @throws NotThere
     * @throws StockRefusal if nothing is added
     */
    public function add(string $id, Contents $more): StoredPot
    {
        return $this->em->wrapInTransaction(function () use ($id, $more): StoredPot {
            $pot = $this->get($id);
            $this->fill($pot, $more, EntryKind::Added);

            return $pot;
        });
    }

    /**
     * Takes some of it, or all, and says what for.
     *
     * @param BigRational|null $ml null for all
     *
     * @throws NotThere
     * @throws StockRefusal if it is not there
     */
    public function take(string $id, ?BigRational $ml, EntryKind $kind, Account $to, string $note = ''): StoredPot
    {
        return $this->em->wrapInTransaction(function () use ($id, $ml, $kind, $to, $note): StoredPot {
            $pot = $this->get($id);
            $this->ledger->record($kind, $this->draw($pot, $ml, $to), $id, $note);

            return $pot;
        });
    }

    /**
     * @param BigRational $grams of one of the materials in it
     *
     * @throws NotThere
     * @throws StockRefusal if it is not there
     */
    public function evaporate(string $id, string $materialId, BigRational $grams): StoredPot
    {
        return $this->em->wrapInTransaction(function () use ($id, $materialId, $grams): StoredPot {
            $pot = $this->get($id);
            $this->ledger->record(EntryKind::Evaporated, [Move::of($materialId, $grams, Account::pot($id), Account::thrown())], $id);

            return $pot;
        });
    }

    /**
     * A new pot of what is taken from others, and of what is added from the shelf.
     *
     * @param \Closure(string): StoredPot     $pot  a pot with that id
     * @param array<string, BigRational|null> $from ml by pot, null for all
     *
     * @throws NotThere
     * @throws StockRefusal if something is not there, or nothing goes in
     */
    public function pool(\Closure $pot, array $from, Contents $more): StoredPot
    {
        return $this->em->wrapInTransaction(function () use ($pot, $from, $more): StoredPot {
            $made = $pot((string) new Ulid());
            $this->em->persist($made);
            foreach ($from as $id => $ml) {
                $source = $this->get((string) $id);
                $this->remember($made, $this->materials($source));
                $this->ledger->record(1 < \count($from) ? EntryKind::Pooled : EntryKind::PouredOff, $this->draw($source, $ml, Account::pot($made->id)), $made->id);
            }
            if (!$more->isEmpty()) {
                $this->fill($made, $more, EntryKind::Added);
            }

            return $made;
        });
    }

    /**
     * @throws StockRefusal if nothing goes in
     */
    private function fill(StoredPot $pot, Contents $more, EntryKind $kind): void
    {
        if ($more->isEmpty()) {
            throw StockRefusal::nothing();
        }
        $this->remember($pot, array_map(static fn (Portion $p): Material => $p->material, $more->portions));
        $this->ledger->record($kind, $this->ledger->balance(Account::shelf())->fill(Account::pot($pot->id), array_map(static fn (Portion $p): BigRational => $p->grams, $more->portions)), $pot->id);
    }

    /**
     * @return list<Move>
     *
     * @throws StockRefusal if it is not there
     */
    private function draw(StoredPot $pot, ?BigRational $ml, Account $to): array
    {
        $volume = $this->contents($pot)[0]->volume();
        if ($volume->isZero()) {
            throw StockRefusal::notThere();
        }
        $account = Account::pot($pot->id);

        return $this->ledger->balance($account)->draw($account, null === $ml ? BigRational::one() : $ml->dividedBy($volume), $to);
    }

    /**
     * Keeps copies of the materials that come into a pot, so that its contents stay what they are.
     *
     * @param iterable<Material> $materials
     */
    private function remember(StoredPot $pot, iterable $materials): void
    {
        $document = Json::decode($pot->document);
        \assert($document instanceof \stdClass && \is_array($document->materials));
        $known = $this->materials($pot);
        foreach ($materials as $material) {
            if (!isset($known[$material->id])) {
                $document->materials[] = $this->write->write($material);
            }
        }
        $pot->document = Json::encode($document);
    }
}
