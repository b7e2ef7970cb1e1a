<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Exchange\Document\ApplyChanges;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\ReadEvent;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Document\RecipeDocument;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\Entity\StoredEvent;
use Inlaid\App\Store\Entity\StoredRun;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Run\Event;
use Inlaid\Core\Run\EventKind;
use Inlaid\Core\Run\FoldRun;
use Inlaid\Core\Run\InvalidEntry;
use Inlaid\Core\Run\RunState;
use Symfony\Component\Uid\Ulid;

/**
 * The pieces on the bench, and what is noted of them.
 */
final readonly class RunBook
{
    public const PAGE = 24;

    public function __construct(
        private EntityManagerInterface $em,
        private ReadRecipe $read,
        private ReadEvent $event = new ReadEvent(),
        private FoldRun $fold = new FoldRun(),
        private ApplyChanges $changes = new ApplyChanges(),
    ) {
    }

    public function begin(
        RecipeDocument $document,
        ?string $recipeId,
        ?int $revision,
        ?string $place,
        ?\DateTimeImmutable $notBefore,
        ?\DateTimeImmutable $due,
    ): StoredRun {
        return $this->em->wrapInTransaction(function () use ($document, $recipeId, $revision, $place, $notBefore, $due): StoredRun {
            $run = new StoredRun(
                id: (string) new Ulid(),
                title: $document->recipe->title,
                document: $document->text,
                recipeId: $recipeId,
                revision: $revision,
                place: $place,
                notBefore: $notBefore,
                due: $due,
                createdAt: new \DateTimeImmutable(),
            );
            $this->em->persist($run);

            return $run;
        });
    }

    /**
     * @throws NotFound
     */
    public function get(string $id): StoredRun
    {
        return $this->em->find(StoredRun::class, $id) ?? throw NotFound::of('run', $id);
    }

    /** What is made, as it was put on the bench. */
    public function planned(StoredRun $run): Recipe
    {
        return $this->read->read(Json::decode($run->document));
    }

    /**
     * What is made, as it has become at the bench.
     *
     * @param RunState|null $state if it is known already
     */
    public function recipe(StoredRun $run, ?RunState $state = null): Recipe
    {
        return $this->document($run, $state ?? $this->state($run))->recipe;
    }

    /** The same as a document. A change that another one has made impossible is left out. */
    public function document(StoredRun $run, RunState $state): RecipeDocument
    {
        $json = Json::object($run->document);
        for ($changes = $state->changes; [] !== $changes; array_pop($changes)) {
            try {
                return $this->read->document($this->changes->apply($json, $changes));
            } catch (InvalidInput) {
            }
        }

        return $this->read->document($json);
    }

    /**
     * @return list<StoredRun> those that are neither finished nor put away, in the order in which they were put on the bench
     */
    public function onBench(): array
    {
        return $this->em->getRepository(StoredRun::class)->findBy(
            ['archivedAt' => null, 'finishedAt' => null],
            ['createdAt' => 'ASC', 'id' => 'ASC'],
        );
    }

    /**
     * @return array{int, list<StoredRun>} how many there are, and one page of them, of one recipe if it is named; the last put on the bench
     *                                     first
     */
    public function page(int $page, bool $archived = false, ?string $recipe = null): array
    {
        $find = $this->em->createQueryBuilder()->from(StoredRun::class, 'r')->where(
            $archived ? 'r.archivedAt IS NOT NULL' : 'r.archivedAt IS NULL',
        );
        if (null !== $recipe) {
            $find->andWhere('r.recipeId = :recipe')->setParameter('recipe', $recipe);
        }
        /** @var list<string> $ids */
        $ids = (clone $find)->select('r.id')->orderBy('r.createdAt', 'DESC')->addOrderBy('r.id', 'DESC')->setFirstResult(
            self::PAGE * ($page - 1),
        )->setMaxResults(self::PAGE)->getQuery()->getSingleColumnResult();
        $found = $this->em->getRepository(StoredRun::class)->findBy(['id' => $ids], ['createdAt' => 'DESC', 'id' => 'DESC']);

        return [(int) $find->select('COUNT(r.id)')->getQuery()->getSingleScalarResult(), $found];
    }

    /**
     * Where it stands, from when and by when, and whether it is finished or put away.
     *
     * @param \DateTimeImmutable|null $finishedAt when, if not now
     *
     * @throws NotFound
     * @throws VersionConflict if it has moved on from the given version
     */
    public function change(
        string $id,
        int $version,
        ?string $place,
        ?\DateTimeImmutable $notBefore,
        ?\DateTimeImmutable $due,
        bool $finished,
        bool $archived,
        ?\DateTimeImmutable $finishedAt = null,
    ): StoredRun {
        return $this->em->wrapInTransaction(function () use (
            $id,
            $version,
            $place,
            $notBefore,
            $due,
            $finished,
            $archived,
            $finishedAt,
        ): StoredRun {
            $run = $this->at($id, $version);
            [$run->place, $run->notBefore, $run->due] = [$place, $notBefore, $due];
            $run->finishedAt = $finished ? $run->finishedAt ?? $finishedAt ?? new \DateTimeImmutable() : null;
            $run->archivedAt = $archived ? $run->archivedAt ?? new \DateTimeImmutable() : null;
            ++$run->version;

            return $run;
        });
    }

    /**
     * What was learned of it, and how it came out, 1 to 5.
     *
     * @throws NotFound
     * @throws VersionConflict if it has moved on from the given version
     */
    public function learn(string $id, int $version, string $lesson, ?int $rating): StoredRun
    {
        return $this->em->wrapInTransaction(function () use ($id, $version, $lesson, $rating): StoredRun {
            $run = $this->at($id, $version);
            [$run->lesson, $run->rating] = [$lesson, $rating];
            ++$run->version;

            return $run;
        });
    }

    /**
     * Keeps what can be kept of several events, each for itself: one that is refused stops none behind it. What has been kept already is
     * kept again without any change.
     *
     * @param list<mixed> $events as JSON
     *
     * @return array<int, string> why an event was refused, by its place in the list
     *
     * @throws NotFound
     */
    public function note(string $id, array $events): array
    {
        $run = $this->get($id);

        return $this->each($run, $events, fn (Event $event, mixed $json) => $this->keep($run->id, $event, Json::encode($json)));
    }

    /**
     * @param list<mixed> $events as JSON
     *
     * @return array<int, string> why an event would be refused, by its place in the list
     */
    public function refusals(StoredRun $run, array $events): array
    {
        return $this->each($run, $events, fn (Event $event) => $this->isThere($run->id, $event));
    }

    /**
     * @return list<Event>
     */
    public function events(StoredRun $run): array
    {
        $stored = $this->em->getRepository(StoredEvent::class)->findBy(['run' => $run], ['happenedAt' => 'ASC', 'id' => 'ASC']);

        return array_map(
            fn (StoredEvent $e): Event => $this->event->read(Json::decode($e->document), $e->receivedAt->getTimestamp()),
            $stored,
        );
    }

    /**
     * @param mixed $json an entry, as it is sent now
     *
     * @throws InvalidInput
     */
    public function readEvent(mixed $json): Event
    {
        return $this->event->read($json, time());
    }

    public function state(StoredRun $run): RunState
    {
        return $this->fold->fold($this->events($run));
    }

    /**
     * @throws NotFound
     * @throws VersionConflict if it has moved on from the given version
     */
    private function at(string $id, int $version): StoredRun
    {
        $run = $this->get($id);

        return $run->version === $version ? $run : throw new VersionConflict($run->version, $run->document);
    }

    /**
     * @param list<mixed>                   $events as JSON
     * @param \Closure(Event, mixed): mixed $do
     *
     * @return array<int, string> why it could not be done with an event, by its place in the list
     */
    private function each(StoredRun $run, array $events, \Closure $do): array
    {
        $json = Json::object($run->document);
        $before = $this->events($run);
        $state = $this->fold->fold($before);
        $changes = $state->changes;
        // A step that was put in may have been taken back on one device while another worked on it.
        $once = array_map(
            static fn (Event $e): string => ApplyChanges::inserted($e->id),
            array_filter($before, static fn (Event $e): bool => EventKind::Insert === $e->kind),
        );
        foreach ($before as $e) {
            EventKind::Improvised !== $e->kind || $once[] = Event::improvised($e->id);
        }
        $steps = static fn (\stdClass $of): array => array_filter(array_column(Json::objects($of, 'steps'), 'id'), is_string(...));
        $known = [...$steps($this->changes->apply($json, $changes)), ...$once];
        $refused = [];
        foreach ($events as $i => $sent) {
            try {
                $event = $this->event->read($sent, time());
                if ([] !== array_diff(array_filter([$event->step, $event->of, $event->before]), $known)) {
                    throw InvalidEntry::noSuchStep();
                }
                if ($event->kind->rewrites() && $state->isDoneBefore((string) $event->step, $event->at)) {
                    throw InvalidEntry::isDone();
                }
                $isNewChange = $event->kind->isChange() && !$this->isThere($run->id, $event);
                if ($isNewChange) {
                    // Refused here where a reader of the recipe would refuse it.
                    $this->read->read($this->changes->apply($json, [...$changes, $event]));
                }
                $do($event, $sent);
                if ($isNewChange) {
                    $changes[] = $event;
                    array_push($known, ...$steps($this->changes->apply($json, $changes)));
                }
            } catch (InvalidInput|InvalidEntry $none) {
                $refused[$i] = $none->getMessage();
            }
        }

        return $refused;
    }

    /**
     * @throws InvalidEntry if another event has this id
     */
    private function isThere(string $run, Event $event): bool
    {
        $there = $this->em->find(StoredEvent::class, $event->id);
        if (
            null !== $there
            && (
                $there->run->id !== $run
                    || Json::encode($this->event->read(
                        Json::decode($there->document),
                        $there->receivedAt->getTimestamp(),
                    )) !== Json::encode($event)
            )
        ) {
            throw InvalidEntry::another();
        }

        return null !== $there;
    }

    /**
     * @throws InvalidEntry if another event has this id
     */
    private function keep(string $run, Event $event, string $text): void
    {
        // Not thrown inside: a transaction that ends with an exception closes what it was in.
        $another = $this->em->wrapInTransaction(function () use ($run, $event, $text): ?InvalidEntry {
            try {
                $this->isThere($run, $event)
                    || $this->em->persist(new StoredEvent(
                        id: $event->id,
                        run: $this->get($run),
                        happenedAt: new \DateTimeImmutable('@'.$event->at),
                        receivedAt: new \DateTimeImmutable(),
                        document: $text,
                    ));

                return null;
            } catch (InvalidEntry $another) {
                return $another;
            }
        });
        if (null !== $another) {
            throw $another;
        }
    }
}
