<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\QueryBuilder;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Document\RecipeDocument;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\Entity\StoredDraft;
use Inlaid\App\Store\Entity\StoredRecipe;
use Inlaid\App\Store\Entity\StoredRevision;
use Inlaid\App\Store\Entity\StoredRun;
use Inlaid\App\Store\Entity\StoredTerm;
use Symfony\Component\Uid\Ulid;

/**
 * The recipes: their drafts and revisions. Every change is one transaction.
 */
final readonly class RecipeBook
{
    public const PAGE = 24;
    /** L*a*b* units to each side. */
    private const NEAR = 25.0;

    public function __construct(private EntityManagerInterface $em, private IndexRecipe $index, private ReadRecipe $read)
    {
    }

    public function add(RecipeDocument $document): StoredRecipe
    {
        return $this->em->wrapInTransaction(function () use ($document): StoredRecipe {
            $now = new \DateTimeImmutable();
            $recipe = new StoredRecipe(id: (string) new Ulid(), title: $document->recipe->title, createdAt: $now, updatedAt: $now);
            $recipe->draft = new StoredDraft($recipe, $document->text, $now);
            $this->em->persist($recipe);
            $this->em->flush();
            $this->index->index($recipe, $document->recipe);

            return $recipe;
        });
    }

    /**
     * @throws NotFound
     */
    public function get(string $id): StoredRecipe
    {
        return $this->em->find(StoredRecipe::class, $id) ?? throw NotFound::of('recipe', $id);
    }

    /**
     * As it is in the store now, whatever was read of it before.
     *
     * @throws NotFound
     */
    public function reload(string $id): StoredRecipe
    {
        $this->em->clear();

        return $this->get($id);
    }

    /**
     * @throws NotFound
     */
    public function revision(string $id, int $number): StoredRevision
    {
        $revision = $this->em->getRepository(StoredRevision::class)->findOneBy(['recipe' => $this->get($id), 'number' => $number]);

        return $revision ?? throw NotFound::of('revision', $id.' / '.$number);
    }

    /**
     * @throws NotFound
     * @throws VersionConflict if the draft has moved on from the given version
     */
    public function saveDraft(string $id, int $version, RecipeDocument $document): StoredRecipe
    {
        return $this->em->wrapInTransaction(function () use ($id, $version, $document): StoredRecipe {
            $recipe = $this->at($id, $version);
            $recipe->draft->document = $document->text;
            $recipe->draft->savedAt = $recipe->updatedAt = new \DateTimeImmutable();
            ++$recipe->draft->version;
            $this->index->index($recipe, $document->recipe);

            return $recipe;
        });
    }

    /**
     * Publishes the draft as the next revision.
     *
     * @throws NotFound
     * @throws VersionConflict if the draft has moved on, or another revision was published from it
     * @throws InvalidInput    if nothing has changed since the last revision
     */
    public function publish(string $id, int $version, string $reason): StoredRevision
    {
        return $this->em->wrapInTransaction(function () use ($id, $version, $reason): StoredRevision {
            $recipe = $this->at($id, $version);
            $head = $recipe->revisions->first();
            if (false !== $head && $head->document === $recipe->draft->document) {
                throw InvalidInput::at('', \sprintf('Nothing has changed since revision %d.', $head->number));
            }
            $now = new \DateTimeImmutable();
            $revision = new StoredRevision(
                recipe: $recipe,
                number: ++$recipe->head,
                document: $recipe->draft->document,
                reason: $reason,
                publishedAt: $now,
            );
            $recipe->draft->base = $recipe->head;
            $recipe->updatedAt = $now;
            ++$recipe->draft->version;
            $this->em->persist($revision);

            return $revision;
        });
    }

    /**
     * A new recipe that begins with the draft of another.
     *
     * @throws NotFound
     */
    public function duplicate(string $id): StoredRecipe
    {
        $json = Json::object($this->get($id)->draft->document);
        $json->title = mb_substr($this->get($id)->title, 0, 110).' (copy)';

        return $this->add($this->read->document($json));
    }

    /**
     * @throws NotFound
     */
    public function archive(string $id, bool $archived): StoredRecipe
    {
        return $this->em->wrapInTransaction(function () use ($id, $archived): StoredRecipe {
            $recipe = $this->get($id);
            $recipe->archivedAt = $archived ? $recipe->archivedAt ?? new \DateTimeImmutable() : null;

            return $recipe;
        });
    }

    /**
     * @return array{int, list<StoredRecipe>} how many match, and one page of them: the nearest to a colour first, else as they are sorted
     */
    public function search(RecipeSearch $for, int $page = 1): array
    {
        $find = $this->find($for);
        if ($for->isAll()) {
            return [
                $this->count($find),
                $this->recipes(
                    $this->ordered($find, $for)
                        ->setFirstResult(self::PAGE * ($page - 1))
                        ->setMaxResults(self::PAGE)
                        ->getQuery()
                        ->getSingleColumnResult(),
                ),
            ];
        }
        // A search is not made twice, once to count and once to find: which they are is little, and sorted without their documents.
        $ids = $this->ordered($find, $for)->getQuery()->getSingleColumnResult();

        return [\count($ids), $this->recipes(\array_slice($ids, self::PAGE * ($page - 1), self::PAGE))];
    }

    /**
     * @param list<StoredRecipe> $of
     *
     * @return list<string> ids of those whose draft is their newest revision
     */
    public function kept(array $of): array
    {
        /** @var list<string> $ids */
        $ids = $this->em->createQuery(
            'SELECT r.id FROM '.StoredRevision::class.' v JOIN v.recipe r JOIN r.draft d'
            .' WHERE r.id IN (:ids) AND v.number = r.head AND v.document = d.document',
        )->setParameter('ids', array_map(static fn (StoredRecipe $r): string => $r->id, $of))->getSingleColumnResult();

        return $ids;
    }

    /**
     * @param list<StoredRecipe> $of
     *
     * @return array<string, \DateTimeImmutable> when the last job was begun with each, by id
     */
    public function used(array $of): array
    {
        /** @var list<array{recipeId: string, used: string}> $rows */
        $rows = $this->em->createQuery(
            'SELECT u.recipeId, MAX(u.createdAt) AS used FROM '.StoredRun::class.' u WHERE u.recipeId IN (:ids) GROUP BY u.recipeId',
        )->setParameter('ids', array_map(static fn (StoredRecipe $r): string => $r->id, $of))->getScalarResult();

        return array_map(
            static fn (string $at): \DateTimeImmutable => new \DateTimeImmutable($at),
            array_column($rows, 'used', 'recipeId'),
        );
    }

    /**
     * What the recipes of the book, or the archived ones, can be told apart by.
     *
     * @param IndexRecipe::WOOD|IndexRecipe::HOW $kind
     *
     * @return array<string, int> how many have it
     */
    public function facets(string $kind, bool $archived): array
    {
        /** @var list<array{term: string, n: int}> $rows */
        $rows = $this->em->createQuery(
            'SELECT t.term, COUNT(t.id) AS n FROM '.StoredTerm::class.' t JOIN t.recipe r WHERE t.term >= :from AND t.term < :to AND '
            .self::inBook($archived).' GROUP BY t.term ORDER BY t.term',
        )->setParameter('from', $kind)->setParameter('to', $kind."\u{10FFFF}")->getScalarResult();

        return array_column(
            array_map(static fn (array $row): array => [substr($row['term'], \strlen($kind)), (int) $row['n']], $rows),
            1,
            0,
        );
    }

    private static function inBook(bool $archived): string
    {
        return $archived ? 'r.archivedAt IS NOT NULL' : 'r.archivedAt IS NULL';
    }

    /**
     * @param list<string> $ids
     *
     * @return array<string, string> their titles, by id
     */
    public function titles(array $ids): array
    {
        /** @var list<array{id: string, title: string}> $rows */
        $rows = $this->em->createQuery('SELECT r.id, r.title FROM '.StoredRecipe::class.' r WHERE r.id IN (:ids)')
            ->setParameter('ids', $ids)->getScalarResult();

        return array_column($rows, 'title', 'id');
    }

    /**
     * The drafts that were saved last.
     *
     * @return list<string> documents
     */
    public function latest(int $most = 40): array
    {
        /** @var list<string> $documents */
        $documents = $this->em->createQuery(
            'SELECT d.document FROM '.StoredDraft::class.' d JOIN d.recipe r WHERE r.archivedAt IS NULL ORDER BY d.savedAt DESC, r.id DESC',
        )->setMaxResults($most)->getSingleColumnResult();

        return $documents;
    }

    /**
     * @return list<string> of all that match
     */
    public function ids(RecipeSearch $for): array
    {
        /** @var list<string> $ids */
        $ids = $this->find($for)->select('r.id')->getQuery()->getSingleColumnResult();

        return $ids;
    }

    /**
     * Derives index and chips anew: of all recipes, or of some.
     *
     * @param list<string>|null $only
     */
    public function reindex(?array $only = null): int
    {
        return $this->em->wrapInTransaction(function () use ($only): int {
            $all = $this->em->getRepository(StoredRecipe::class)->findBy(null === $only ? [] : ['id' => $only]);
            foreach ($all as $recipe) {
                $this->index->index($recipe, $this->read->read(Json::decode($recipe->draft->document)));
            }

            return \count($all);
        });
    }

    /** Where a migration left what is derived to be worked out. */
    public function reindexUnreckoned(): void
    {
        if (0 < $this->em->getRepository(StoredRecipe::class)->count(['lookL' => null])) {
            $this->reindex();
        }
    }

    private function find(RecipeSearch $for): QueryBuilder
    {
        $of = StoredTerm::class;
        $find = $this->em->createQueryBuilder()->from(StoredRecipe::class, 'r')->where(self::inBook($for->archived));
        foreach (\array_slice(IndexRecipe::words($for->query), 0, 8) as $i => $word) {
            $find->andWhere(
                // Joined to nothing, the id is looked up in what was found, along the index they are listed by;
                // else each one's row is fetched.
                "CONCAT(r.id, '') IN (SELECT IDENTITY(t$i.recipe) FROM $of t$i WHERE t$i.term >= :from$i AND t$i.term < :to$i)",
            )
                ->setParameter("from$i", $word)->setParameter("to$i", $word."\u{10FFFF}");
        }
        $near = $for->near;
        if (null !== $near) {
            // As far as two colours may lie apart to be called alike at all; the index on lightness narrows the search.
            $find->andWhere('r.lookL BETWEEN :dark AND :light AND r.lookA BETWEEN :green AND :red AND r.lookB BETWEEN :blue AND :yellow')
                ->setParameter('dark', $near->l - self::NEAR)->setParameter('light', $near->l + self::NEAR)
                ->setParameter('green', $near->a - self::NEAR)->setParameter('red', $near->a + self::NEAR)
                ->setParameter('blue', $near->b - self::NEAR)->setParameter('yellow', $near->b + self::NEAR);
        }
        $chosen = [IndexRecipe::WOOD => $for->wood, IndexRecipe::HOW => $for->how];
        foreach (array_filter($chosen, static fn (string $v): bool => '' !== $v) as $kind => $value) {
            $i = trim($kind, ':');
            $find->andWhere("r.id IN (SELECT IDENTITY($i.recipe) FROM $of $i WHERE $i.term = :$i)")
                ->setParameter($i, IndexRecipe::facet($kind, $value));
        }

        return $find;
    }

    private function count(QueryBuilder $find): int
    {
        return (int) (clone $find)->select('COUNT(r.id)')->getQuery()->getSingleScalarResult();
    }

    /** The ids in the order in which they are shown. */
    private function ordered(QueryBuilder $find, RecipeSearch $for): QueryBuilder
    {
        $find = (clone $find)->select('r.id');
        $near = $for->near;
        if (null !== $near) {
            $find->addSelect(
                '(r.lookL - :l) * (r.lookL - :l) + (r.lookA - :a) * (r.lookA - :a) + (r.lookB - :b) * (r.lookB - :b) AS HIDDEN far',
            )->setParameter('l', $near->l)->setParameter('a', $near->a)->setParameter('b', $near->b)->orderBy('far');
        } elseif (RecipeOrder::Used === $for->order) {
            $find->addSelect('(SELECT MAX(u.createdAt) FROM '.StoredRun::class.' u WHERE u.recipeId = r.id) AS HIDDEN used')
                ->orderBy('used', 'DESC');
        } elseif (RecipeOrder::Title === $for->order) {
            $find->addSelect('LOWER(r.title) AS HIDDEN name')->orderBy('name');
        }

        return $find->addOrderBy('r.updatedAt', 'DESC')->addOrderBy('r.id', 'DESC');
    }

    /**
     * @param array<mixed> $ids
     *
     * @return list<StoredRecipe> in that order
     */
    private function recipes(array $ids): array
    {
        /** @var list<StoredRecipe> $found */
        $found = $this->em->createQueryBuilder()
            ->select('r', 'd')
            ->from(StoredRecipe::class, 'r')
            ->join('r.draft', 'd')
            ->where('r.id IN (:ids)')
            ->setParameter('ids', $ids)
            ->getQuery()
            ->getResult();
        usort(
            $found,
            static fn (StoredRecipe $a, StoredRecipe $b): int => array_search($a->id, $ids, true) <=> array_search($b->id, $ids, true),
        );

        return $found;
    }

    /**
     * @throws NotFound
     * @throws VersionConflict
     */
    private function at(string $id, int $version): StoredRecipe
    {
        $recipe = $this->get($id);
        $this->em->refresh($recipe->draft);
        if ($recipe->draft->version !== $version || $recipe->draft->base !== $recipe->head) {
            throw new VersionConflict($recipe->draft->version, $recipe->draft->document);
        }

        return $recipe;
    }
}
