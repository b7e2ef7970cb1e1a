<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Bundle;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Exchange\Bundle\ZipOut;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\Entity\StoredBoard;
use Inlaid\App\Store\Entity\StoredPhoto;
use Inlaid\App\Store\Entity\StoredRunPhoto;

/**
 * Writes recipes with their revisions, boards and photos, or the whole studio, as a bundle (`docs/formats/bundle.md`).
 */
final readonly class WriteBundle
{
    public function __construct(private EntityManagerInterface $em, private Rows $rows)
    {
    }

    /**
     * @param string            $path    of a file, written over
     * @param list<string>|null $recipes these alone; the whole studio if null
     *
     * @throws \RuntimeException if it cannot be written
     */
    public function write(string $path, ?array $recipes = null): void
    {
        $zip = ZipOut::to($path);
        $zip->add(
            'bundle.json',
            Json::encode(
                [
                    'format' => ReadBundle::FORMAT,
                    'version' => ReadBundle::VERSION,
                    'whole' => null === $recipes,
                    'madeAt' => gmdate(\DATE_ATOM),
                ],
                true,
            )."\n",
        );
        $boards = null === $recipes ? null : $this->boards($recipes);
        foreach (Kind::cases() as $kind) {
            if (null === $recipes || $kind->isOfRecipes()) {
                [$by, $only] = match ($kind) {
                    Kind::Recipes => ['id', $recipes],
                    Kind::Drafts, Kind::Revisions => ['recipe', $recipes],
                    Kind::Boards => ['id', $boards],
                    Kind::Readings, Kind::Photos => ['board', $boards],
                    default => ['', null],
                };
                $zip->addLines($kind->file(), self::lines($this->rows->of($kind, $by, $only)));
            }
        }
        foreach ($this->photos(StoredPhoto::class, $boards) as $id => $jpeg) {
            $zip->add("photos/$id.jpg", $jpeg, false);
        }
        foreach (null === $recipes ? $this->photos(StoredRunPhoto::class, null) : [] as $id => $jpeg) {
            $zip->add("photos/$id.jpg", $jpeg, false);
        }
        $zip->close();
    }

    /**
     * @param iterable<array<string, mixed>> $rows
     *
     * @return iterable<string>
     */
    private static function lines(iterable $rows): iterable
    {
        foreach ($rows as $row) {
            yield Json::encode($row);
        }
    }

    /**
     * @param list<string> $recipes
     *
     * @return list<string>
     */
    private function boards(array $recipes): array
    {
        /** @var list<string> $found */
        $found = $this->em->createQuery(
            'SELECT b.id FROM '.StoredBoard::class.' b WHERE b.recipeId IN (:recipes)',
        )->setParameter('recipes', $recipes)->getSingleColumnResult();

        return $found;
    }

    /**
     * @param class-string<StoredPhoto|StoredRunPhoto> $of
     * @param list<string>|null                        $boards those of these alone
     *
     * @return iterable<string, string> the bytes of each by its id, one at a time in memory
     */
    private function photos(string $of, ?array $boards): iterable
    {
        $find = $this->em->createQueryBuilder()->select('p.id')->from($of, 'p')->orderBy('p.id');
        if (null !== $boards) {
            $find->where('p.board IN (:boards)')->setParameter('boards', $boards);
        }
        /** @var list<string> $ids */
        $ids = $find->getQuery()->getSingleColumnResult();
        foreach ($ids as $id) {
            $photo = $this->em->find($of, $id);
            if (null !== $photo) {
                yield $id => $photo->bytes();
                $this->em->detach($photo);
            }
        }
    }
}
