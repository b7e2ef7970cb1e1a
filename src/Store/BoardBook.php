<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Exchange\Document\BoardDocument;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Exchange\Picture\Picture;
use Inlaid\App\Store\Entity\StoredBoard;
use Inlaid\App\Store\Entity\StoredPhoto;
use Inlaid\App\Store\Entity\StoredReading;
use Inlaid\Core\Board\InvalidBoard;
use Symfony\Component\Uid\Ulid;

/**
 * The sample boards, and what was read of them. A board that has been laid is what it is: its document does not change any more.
 */
final readonly class BoardBook
{
    public const PAGE = 24;
    private const MOST_PHOTOS = 12;

    public function __construct(private EntityManagerInterface $em)
    {
    }

    public function add(BoardDocument $document): StoredBoard
    {
        return $this->em->wrapInTransaction(function () use ($document): StoredBoard {
            $now = new \DateTimeImmutable();
            $board = new StoredBoard(
                id: (string) new Ulid(),
                title: $document->board->title,
                document: $document->text,
                card: Json::encode(BoardCard::of($document->board)),
                recipeId: $document->recipeId,
                createdAt: $now,
                updatedAt: $now,
            );
            $this->em->persist($board);

            return $board;
        });
    }

    /**
     * @throws NotFound
     */
    public function get(string $id): StoredBoard
    {
        return $this->em->find(StoredBoard::class, $id) ?? throw NotFound::of('board', $id);
    }

    /**
     * @return array{int, list<StoredBoard>} how many there are, and one page of them, the last changed first
     */
    public function page(int $page, bool $archived = false, bool $measured = false): array
    {
        $find = $this->em->createQueryBuilder()->from(StoredBoard::class, 'b')->where(
            $archived ? 'b.archivedAt IS NOT NULL' : 'b.archivedAt IS NULL',
        );
        if ($measured) {
            $find->andWhere(\sprintf(
                "EXISTS (SELECT r.patch FROM %s r WHERE r.board = b AND r.document LIKE '%%\"colour\":\"#%%')",
                StoredReading::class,
            ));
        }
        /** @var list<StoredBoard> $found */
        $found = (clone $find)->select('b')->orderBy('b.updatedAt', 'DESC')->addOrderBy('b.id', 'DESC')->setFirstResult(
            self::PAGE * ($page - 1),
        )->setMaxResults(self::PAGE)->getQuery()->getResult();

        return [(int) $find->select('COUNT(b.id)')->getQuery()->getSingleScalarResult(), $found];
    }

    /**
     * @throws NotFound
     * @throws VersionConflict if it has moved on from the given version
     * @throws InvalidInput    if it has been laid
     */
    public function save(string $id, int $version, BoardDocument $document): StoredBoard
    {
        return $this->em->wrapInTransaction(function () use ($id, $version, $document): StoredBoard {
            $board = $this->get($id);
            if ($board->version !== $version) {
                throw new VersionConflict($board->version, $board->document);
            }
            if (null !== $board->laidAt) {
                throw InvalidInput::at('', 'This board has been applied, so its plan is locked. Start another board.');
            }
            [$board->title, $board->document, $board->card, $board->recipeId, $board->updatedAt] = [
                $document->board->title,
                $document->text,
                Json::encode(BoardCard::of($document->board)),
                $document->recipeId,
                new \DateTimeImmutable(),
            ];
            ++$board->version;

            return $board;
        });
    }

    /**
     * Notes that it has been laid, or that it has not after all, as long as nothing has been read of it.
     *
     * @throws NotFound
     * @throws InvalidInput if something has been read of it
     */
    public function lay(string $id, bool $laid): StoredBoard
    {
        return $this->em->wrapInTransaction(function () use ($id, $laid): StoredBoard {
            $board = $this->get($id);
            if (!$laid && ([] !== $this->readings($board) || [] !== $this->photos($board))) {
                throw InvalidInput::at('/laid', 'This board has measurements, so it stays applied.');
            }
            $board->laidAt = $laid ? $board->laidAt ?? new \DateTimeImmutable() : null;

            return $board;
        });
    }

    /**
     * @throws NotFound
     */
    public function archive(string $id, bool $archived): StoredBoard
    {
        return $this->em->wrapInTransaction(function () use ($id, $archived): StoredBoard {
            $board = $this->get($id);
            $board->archivedAt = $archived ? $board->archivedAt ?? new \DateTimeImmutable() : null;

            return $board;
        });
    }

    /**
     * @return array<string, StoredReading> by patch
     */
    public function readings(StoredBoard $board): array
    {
        return array_column(
            array_map(
                static fn (StoredReading $r): array => [$r->patch, $r],
                $this->em->getRepository(StoredReading::class)->findBy(['board' => $board], ['patch' => 'ASC']),
            ),
            1,
            0,
        );
    }

    /**
     * Keeps what was read of a patch, in the place of what was read before. A board that is read has been laid.
     *
     * @param array<string, mixed> $reading
     *
     * @throws NotFound
     * @throws InvalidBoard if there is no such patch
     */
    public function note(string $id, string $patch, array $reading): StoredBoard
    {
        return $this->em->wrapInTransaction(function () use ($id, $patch, $reading): StoredBoard {
            $board = $this->readable($id, $patch);
            $now = new \DateTimeImmutable();
            $stored = $this->readings($board)[$patch] ?? new StoredReading(board: $board, patch: $patch, document: '{}', readAt: $now);
            [$stored->document, $stored->readAt] = [Json::encode((object) $reading), $now];
            $this->em->persist($stored);

            return $board;
        });
    }

    /**
     * @return list<PhotoLine> those that are not put away, the first one first
     */
    public function photos(StoredBoard $board): array
    {
        /** @var list<PhotoLine> $lines */
        $lines = $this->em->createQuery(\sprintf(
            'SELECT NEW %s(p.id, p.patch, p.width, p.height, p.addedAt, p.putAwayAt) FROM %s p WHERE p.board = :board '
            .'AND p.putAwayAt IS NULL ORDER BY p.addedAt, p.id',
            PhotoLine::class,
            StoredPhoto::class,
        ))->setParameter('board', $board)->getResult();

        return $lines;
    }

    /**
     * @throws NotFound
     */
    public function photo(string $id): StoredPhoto
    {
        return $this->em->find(StoredPhoto::class, $id) ?? throw NotFound::of('photo', $id);
    }

    /**
     * @throws NotFound
     * @throws InvalidBoard if there is no such patch
     * @throws InvalidInput if it has as many photos as it may
     */
    public function addPhoto(string $id, string $patch, Picture $picture): StoredPhoto
    {
        return $this->em->wrapInTransaction(function () use ($id, $patch, $picture): StoredPhoto {
            $board = $this->readable($id, $patch);
            if (self::MOST_PHOTOS <= \count(array_filter($this->photos($board), static fn (PhotoLine $p): bool => $p->patch === $patch))) {
                throw InvalidInput::at('', \sprintf('Maximum %d photos per patch. Remove one first.', self::MOST_PHOTOS));
            }
            $photo = new StoredPhoto(
                id: (string) new Ulid(),
                board: $board,
                patch: $patch,
                jpeg: $picture->jpeg,
                width: $picture->width,
                height: $picture->height,
                addedAt: new \DateTimeImmutable(),
            );
            $this->em->persist($photo);

            return $photo;
        });
    }

    /**
     * @throws NotFound
     */
    public function putAway(string $photo, bool $away): StoredBoard
    {
        return $this->em->wrapInTransaction(function () use ($photo, $away): StoredBoard {
            $stored = $this->photo($photo);
            $stored->putAwayAt = $away ? new \DateTimeImmutable() : null;

            return $stored->board;
        });
    }

    public function card(StoredBoard $board): \stdClass
    {
        return Json::object($board->card);
    }

    /**
     * @throws InvalidBoard if there is no such patch
     */
    public function checkPatch(StoredBoard $board, string $patch): void
    {
        $patches = $this->card($board)->patches;
        $labels = array_map(static fn (mixed $p): mixed => $p instanceof \stdClass ? $p->label : null, \is_array($patches) ? $patches : []);
        if (!\in_array($patch, $labels, true)) {
            throw InvalidBoard::noSuchPatch(mb_substr($patch, 0, 20));
        }
    }

    private function readable(string $id, string $patch): StoredBoard
    {
        $board = $this->get($id);
        $this->checkPatch($board, $patch);
        $board->laidAt ??= new \DateTimeImmutable();
        $board->updatedAt = new \DateTimeImmutable();

        return $board;
    }
}
