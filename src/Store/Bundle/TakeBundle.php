<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Bundle;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Exchange\Bundle\ZipIn;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\Entity\StoredBalance;
use Inlaid\App\Store\Entity\StoredBoard;
use Inlaid\App\Store\Entity\StoredPhoto;
use Inlaid\App\Store\Entity\StoredRecipe;
use Inlaid\App\Store\RecipeBook;
use Inlaid\App\Store\Sqlite\CopyStore;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Stock\Balance;
use Inlaid\Core\Stock\Move;
use Inlaid\Core\Stock\RoundLedger;
use Symfony\Component\Uid\Ulid;

/**
 * Takes a bundle in, all of it or nothing: its recipes and boards beside those there are, or a whole studio in the place of this one.
 */
final readonly class TakeBundle
{
    public function __construct(
        private EntityManagerInterface $em,
        private ReadBundle $read,
        private CheckRow $check,
        private Rows $rows,
        private RecipeBook $book,
        private CopyStore $copy,
    ) {
    }

    /**
     * What it would do; nothing is kept.
     *
     * @throws InvalidInput with every place that is wrong
     */
    public function plan(ZipIn $zip): BundlePlan
    {
        [$whole, $madeAt] = $this->read->head($zip);
        $seen = $this->read->survey($zip);
        $revisions = array_count_values(array_map(
            static fn (array $r): string => \is_string($r['recipe']) ? $r['recipe'] : '',
            $seen[Kind::Revisions->value],
        ));
        $instead = $whole ? array_filter(array_map(static fn (array $rows): int => \count($rows), $seen)) : [];
        $gone = $whole
            ? array_filter(array_column(
                array_map(fn (Kind $k): array => [$k->value, $this->em->getRepository($k->entity())->count()], Kind::cases()),
                1,
                0,
            ))
            : [];
        $less = array_filter(
            $gone,
            static fn (int $here, string $kind): bool => 2 * ($instead[$kind] ?? 0) < $here,
            \ARRAY_FILTER_USE_BOTH,
        );

        return new BundlePlan(
            whole: $whole,
            madeAt: $madeAt,
            recipes: $this->become($seen, Kind::Recipes, $revisions),
            boards: $this->become($seen, Kind::Boards, $revisions),
            photos: \count($seen[Kind::Photos->value]),
            instead: $instead,
            gone: $gone,
            farLess: $whole && ([] === $instead || [] !== $less),
        );
    }

    /**
     * Adds recipes and boards that are not here yet. Materials that the shelf does not know come with a whole studio; its runs, pots and
     * settings do not.
     *
     * @throws InvalidInput with every place that is wrong; nothing is kept then
     */
    public function add(ZipIn $zip): BundlePlan
    {
        $plan = $this->plan($zip);
        $ids = []; // by kind, where each goes; nowhere if null
        foreach ([Kind::Recipes->value => $plan->recipes, Kind::Boards->value => $plan->boards] as $kind => $planned) {
            foreach ($planned as $p) {
                $ids[$kind][$p->id] = ['new' => $p->id, 'copy' => (string) new Ulid(), 'same' => null][$p->becomes];
            }
        }
        foreach ($this->read->rows($zip, Kind::Photos) as $row) {
            // A photo that comes with a copy of its board is another one.
            $id = \is_string($row['id']) ? $row['id'] : '';
            $ids[Kind::Photos->value][$id] = null === $this->em->find(StoredPhoto::class, $id) ? $id : (string) new Ulid();
        }
        $this->em->wrapInTransaction(function () use ($zip, $ids): void {
            foreach ([Kind::Materials, Kind::Recipes, Kind::Drafts, Kind::Revisions, Kind::Boards, Kind::Readings, Kind::Photos] as $kind) {
                foreach ($this->read->rows($zip, $kind) as $row) {
                    $row = $this->moved($kind, $row, $ids);
                    if (null !== $row) {
                        $this->keep($zip, $kind, $row);
                    }
                }
            }
            $this->em->clear();
            $this->book->reindex(array_values(array_filter($ids[Kind::Recipes->value] ?? [])));
        });

        return $plan;
    }

    /**
     * Puts a whole studio in the place of this one, of which a copy is kept beside the store.
     *
     * @param bool $evenIfLess whether it is wanted although it holds far less than is here
     *
     * @return string where that copy is
     *
     * @throws InvalidInput with every place that is wrong; nothing is kept then
     * @throws HoldsLess    if it holds far less than is here, unless that is wanted
     */
    public function replace(ZipIn $zip, bool $evenIfLess = false): string
    {
        $plan = $this->plan($zip);
        if (!$plan->whole) {
            throw InvalidInput::at('', 'This bundle holds recipes, not a whole studio. Add them instead.');
        }
        if ($plan->farLess && !$evenIfLess) {
            throw new HoldsLess();
        }
        $aside = $this->copy->aside('before-import');
        $this->copy->to($aside);
        $this->em->wrapInTransaction(function () use ($zip): void {
            foreach (array_reverse(Kind::cases()) as $kind) {
                $this->rows->deleteAll($kind);
            }
            $ledger = new RoundLedger();
            foreach (Kind::cases() as $kind) {
                foreach ($this->read->rows($zip, $kind) as $row) {
                    $this->keep($zip, $kind, Kind::Ledger === $kind ? $this->onGrid($row, $ledger) : $row);
                }
            }
            $this->keepBalance($ledger->balance());
            $this->em->clear();
            $this->book->reindex();
        });

        return $aside;
    }

    /**
     * @param array<string, array<string, array<string, mixed>>> $seen
     * @param array<string, int>                                 $revisions by recipe
     *
     * @return list<PlannedRecipe> what each recipe or board becomes
     */
    private function become(array $seen, Kind $kind, array $revisions): array
    {
        $become = [];
        foreach ($seen[$kind->value] as $id => $row) {
            $print = Kind::Boards === $kind ? $row['print'] : $seen[Kind::Drafts->value][$id]['print'];
            $here = Kind::Boards === $kind
                ? $this->em->find(StoredBoard::class, $id)?->document
                : $this->em->find(StoredRecipe::class, $id)?->draft->document;
            $become[] = new PlannedRecipe(
                id: $id,
                title: \is_string($row['title']) ? $row['title'] : '',
                revisions: $revisions[$id] ?? 0,
                becomes: null === $here ? 'new' : (ReadBundle::print($here) === $print ? 'same' : 'copy'),
            );
        }

        return $become;
    }

    /**
     * @param array<string, mixed>                      $row
     * @param array<string, array<string, string|null>> $ids
     *
     * @return array<string, mixed>|null the row where it goes
     */
    private function moved(Kind $kind, array $row, array $ids): ?array
    {
        $to = static fn (Kind $k, mixed $id): ?string => \is_string($id) ? $ids[$k->value][$id] ?? null : null;
        if (Kind::Materials === $kind) {
            return null === $this->em->find($kind->entity(), $row['id']) ? $row : null;
        }
        if (Kind::Recipes === $kind || Kind::Boards === $kind) {
            $id = $to($kind, $row['id']);
            // A board of a recipe that is here already stays with that one.
            $recipe = \is_string($row['recipeId'] ?? null) ? ['recipeId' => $to(Kind::Recipes, $row['recipeId']) ?? $row['recipeId']] : [];

            return null === $id ? null : ['id' => $id] + $recipe + $row;
        }
        $owner = Kind::Drafts === $kind || Kind::Revisions === $kind ? 'recipe' : 'board';
        $id = $to('recipe' === $owner ? Kind::Recipes : Kind::Boards, $row[$owner]);
        if (null === $id) {
            return null;
        }

        if (Kind::Readings === $kind && \is_string($row['document'])) {
            $reading = Json::object($row['document']);
            isset($reading->photo) && $reading->photo = $to(Kind::Photos, $reading->photo) ?? $reading->photo;
            $row['document'] = Json::encode($reading);
        }

        return [$owner => $id] + (Kind::Photos === $kind ? ['from' => $row['id'], 'id' => $to($kind, $row['id'])] : []) + $row;
    }

    /** @param array<string, mixed> $row */
    private function keep(ZipIn $zip, Kind $kind, array $row): void
    {
        $from = $row['from'] ?? $row['id'] ?? '';
        unset($row['from']);
        if ($kind->isPhoto()) {
            $picture = $this->read->photo($zip, \is_string($from) ? $from : '');
            $row = ['jpeg' => $picture->jpeg, 'width' => $picture->width, 'height' => $picture->height] + $row;
        }
        $this->rows->keep($kind, match ($kind) {
            Kind::Recipes => ['card' => '{}'],
            Kind::Settings => ['id' => 1],
            default => [],
        } + $row);
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    private function onGrid(array $row, RoundLedger $ledger): array
    {
        $moves = InvalidInput::around('/ledger', fn (): array => $ledger->line($this->check->moves($row['moves'])));

        return ['moves' => array_map(static fn (Move $m): array => $m->written(), $moves)] + $row;
    }

    private function keepBalance(Balance $balance): void
    {
        $this->em->createQuery('DELETE FROM '.StoredBalance::class)->execute();
        foreach ($balance->rows() as [$account, $material, $grams]) {
            $this->em->persist(new StoredBalance($account, $material, ExactNumber::exact($grams)));
        }
        $this->em->flush();
    }
}
