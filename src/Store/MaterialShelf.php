<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadMaterial;
use Inlaid\App\Exchange\Document\WriteMaterial;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\Entity\StoredMaterial;
use Inlaid\App\Store\Sqlite\Containing;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;

/**
 * The materials on the shelf. Every change makes a new version; recipes keep the one they were made with.
 */
final readonly class MaterialShelf
{
    public function __construct(
        private EntityManagerInterface $em,
        private WriteMaterial $write = new WriteMaterial(),
        private ReadMaterial $read = new ReadMaterial(),
    ) {
    }

    public function put(Material ...$materials): void
    {
        $this->em->wrapInTransaction(function () use ($materials): void {
            foreach ($materials as $m) {
                $this->em->persist(new StoredMaterial(
                    id: $m->id,
                    version: $m->version,
                    name: $m->name,
                    kind: $m->kind->value,
                    document: Json::encode($this->write->write($m)),
                    updatedAt: new \DateTimeImmutable(),
                ));
            }
        });
    }

    /**
     * @throws NotFound
     */
    public function get(string $id): StoredMaterial
    {
        return $this->em->find(StoredMaterial::class, $id) ?? throw NotFound::of('material', $id);
    }

    /**
     * @throws NotFound
     */
    public function read(string $id): Material
    {
        return Node::read(Json::decode($this->get($id)->document), $this->read->read(...));
    }

    /**
     * Everything that stands on the shelf, generic ones first: by kind, then as they came.
     *
     * @return list<Material>
     */
    public function all(): array
    {
        $stored = $this->em->getRepository(StoredMaterial::class)->findBy(['archivedAt' => null], ['kind' => 'ASC', 'id' => 'ASC']);

        return array_map(fn (StoredMaterial $m): Material => Node::read(Json::decode($m->document), $this->read->read(...)), $stored);
    }

    /**
     * @return array<string, Material> everything that stands on the shelf, by id
     */
    public function byId(): array
    {
        return array_column(array_map(static fn (Material $m): array => [$m->id, $m], $this->all()), 1, 0);
    }

    public function isEmpty(): bool
    {
        return 0 === $this->em->getRepository(StoredMaterial::class)->count();
    }

    /**
     * @param Material $material with the version the change was made from
     *
     * @throws NotFound
     * @throws VersionConflict if it has been changed since
     */
    public function change(Material $material): StoredMaterial
    {
        return $this->em->wrapInTransaction(function () use ($material): StoredMaterial {
            $stored = $this->get($material->id);
            $this->em->refresh($stored);
            if ($stored->version !== $material->version) {
                throw new VersionConflict($stored->version, $stored->document);
            }
            ++$stored->version;
            $stored->name = $material->name;
            $stored->kind = $material->kind->value;
            $stored->document = Json::encode(['version' => $stored->version] + $this->write->write($material));
            $stored->updatedAt = new \DateTimeImmutable();

            return $stored;
        });
    }

    /**
     * @throws NotFound
     */
    public function archive(string $id, bool $archived): StoredMaterial
    {
        return $this->em->wrapInTransaction(function () use ($id, $archived): StoredMaterial {
            $stored = $this->get($id);
            $stored->archivedAt = $archived ? $stored->archivedAt ?? new \DateTimeImmutable() : null;

            return $stored;
        });
    }

    /**
     * @param string $query in the name, or what begins a kind: "waxes" finds all of them
     *
     * @return array{int, list<StoredMaterial>} how many match, and one page of them, in the order of kinds, by name
     */
    public function search(string $query, ?MaterialKind $kind, bool $archived, int $page, int $size): array
    {
        $find = $this->em->createQueryBuilder()->from(StoredMaterial::class, 'm')->where(
            $archived ? 'm.archivedAt IS NOT NULL' : 'm.archivedAt IS NULL',
        );
        if (null !== $kind) {
            $find->andWhere('m.kind = :kind')->setParameter('kind', $kind->value);
        }
        $word = strtr(preg_replace('~(?<=[hx])es$|s$~', '', mb_strtolower(trim($query))) ?? '', ' ', '-');
        $kinds = array_filter(
            MaterialKind::cases(),
            static fn (MaterialKind $k): bool => '' !== $word && str_starts_with($k->value, $word),
        );
        if ([] === $kinds) {
            Containing::text($find, 'm.name', $query);
        } else {
            Containing::text($find, 'm.name', $query, or: 'm.kind IN (:kinds)');
            $find->setParameter('kinds', array_column($kinds, 'value'));
        }
        $place = implode(' ', array_map(
            static fn (MaterialKind $k, int $at): string => "WHEN m.kind = '$k->value' THEN $at",
            MaterialKind::cases(),
            array_keys(MaterialKind::cases()),
        ));
        $count = (int) (clone $find)->select('COUNT(m.id)')->getQuery()->getSingleScalarResult();
        /** @var list<StoredMaterial> $found */
        $found = $find
            ->select('m', "CASE $place ELSE 99 END AS HIDDEN place")
            ->orderBy('place')
            ->addOrderBy('m.name')
            ->setFirstResult($size * ($page - 1))
            ->setMaxResults($size)
            ->getQuery()
            ->getResult();

        return [$count, $found];
    }
}
