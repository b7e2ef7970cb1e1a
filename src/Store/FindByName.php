<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Store\Sqlite\Containing;

/**
 * Finds jobs, boards, pots and materials by a part of their name, the latest of each kind first; what is archived is not found.
 */
final readonly class FindByName
{
    private const EACH = 5;

    public function __construct(private EntityManagerInterface $em)
    {
    }

    /**
     * @return list<NameFound>
     */
    public function find(string $query): array
    {
        $all = [];
        foreach (NamedKind::cases() as $kind) {
            [$entity, $name, $first] = $kind->fields();
            $find = $this->em->createQueryBuilder()->select('e.id', "e.$name AS name")->from($entity, 'e');
            if ($kind->isArchived()) {
                $find->where('e.archivedAt IS NULL');
            }
            Containing::text($find, "e.$name", $query);
            $way = NamedKind::Material === $kind ? 'ASC' : 'DESC';
            /** @var list<array{id: string, name: string}> $found */
            $found = $find
                ->orderBy("e.$first", $way)
                ->addOrderBy('e.id', $way)
                ->setMaxResults(self::EACH)
                ->getQuery()
                ->getArrayResult();
            foreach ($found as $row) {
                $all[] = new NameFound($kind, $row['id'], $row['name']);
            }
        }

        return $all;
    }
}
