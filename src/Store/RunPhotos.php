<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Picture\Picture;
use Inlaid\App\Store\Entity\StoredRun;
use Inlaid\App\Store\Entity\StoredRunPhoto;
use Symfony\Component\Uid\Ulid;

/**
 * The photos taken at the bench.
 */
final readonly class RunPhotos
{
    private const MOST = 60;

    public function __construct(private EntityManagerInterface $em)
    {
    }

    /**
     * @return list<RunPhotoLine> those that are not put away, the first one first
     */
    public function of(StoredRun $run): array
    {
        /** @var list<RunPhotoLine> $lines */
        $lines = $this->em->createQuery(\sprintf(
            'SELECT NEW %s(p.id, p.step, p.width, p.height, p.addedAt) FROM %s p WHERE p.run = :run AND p.putAwayAt IS '
            .'NULL ORDER BY p.addedAt, p.id',
            RunPhotoLine::class,
            StoredRunPhoto::class,
        ))->setParameter('run', $run)->getResult();

        return $lines;
    }

    /**
     * @throws NotFound
     */
    public function get(string $id): StoredRunPhoto
    {
        return $this->em->find(StoredRunPhoto::class, $id) ?? throw NotFound::of('photo', $id);
    }

    /**
     * @throws InvalidInput if the run has as many photos as it may
     */
    public function add(StoredRun $run, ?string $step, Picture $picture): void
    {
        $this->em->wrapInTransaction(function () use ($run, $step, $picture): void {
            if (self::MOST <= \count($this->of($run))) {
                throw InvalidInput::at('', \sprintf('Maximum %d photos per job. Remove one first.', self::MOST));
            }
            $this->em->persist(new StoredRunPhoto(
                id: (string) new Ulid(),
                run: $run,
                step: $step,
                jpeg: $picture->jpeg,
                width: $picture->width,
                height: $picture->height,
                addedAt: new \DateTimeImmutable(),
            ));
        });
    }

    /**
     * @throws NotFound
     */
    public function putAway(string $id, bool $away): StoredRun
    {
        return $this->em->wrapInTransaction(function () use ($id, $away): StoredRun {
            $photo = $this->get($id);
            $photo->putAwayAt = $away ? new \DateTimeImmutable() : null;

            return $photo->run;
        });
    }
}
