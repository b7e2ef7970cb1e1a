<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Doctrine\DBAL\Connection;
use Inlaid\App\Store\Entity\StoredRun;
use Inlaid\App\Store\RunBook;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Practice\Practices;
use Inlaid\Core\Run\Factor;
use Inlaid\Core\Run\LearnFactor;
use Inlaid\Core\Run\ObserveRun;
use Inlaid\Core\Schedule\PieceToDo;
use Inlaid\Core\Schedule\PlanDays;
use Inlaid\Core\Work\WorkOutSteps;
use Psr\Cache\CacheItemPoolInterface;

/**
 * What the runs of late tell of this painter's own figures. Worked out when something was noted since, else as it was.
 */
final readonly class OwnLog
{
    private const DAY = 86_400;

    public function __construct(
        private RunBook $runs,
        private Practices $practices,
        private WorkOutSteps $steps,
        private PlanDays $plan,
        private ObserveRun $observe,
        private LearnFactor $learn,
        private CacheItemPoolInterface $cache,
        private Connection $connection,
        private string $storePath,
    ) {
    }

    /**
     * @param Context $typical with no own figures
     *
     * @return array{paces: array<string, Factor>, drying: array<string, Factor>, amounts: array<string, Factor>}
     */
    public function learn(Context $typical): array
    {
        $item = $this->cache->getItem('own-'.hash(
            'xxh128',
            serialize([$this->storePath, $this->stamp(), $typical->climate, $typical->places, $typical->schools]),
        ));
        /** @var array{paces: array<string, Factor>, drying: array<string, Factor>, amounts: array<string, Factor>}|null $known */
        $known = $item->get();
        if (null === $known) {
            $seen = array_map(fn (StoredRun $run): array => $this->observed($run, $typical), $this->runs->page(1)[1]);
            [$paces, $drying, $amounts] = array_map(
                fn (int $of): array => $this->learn->learn(array_merge([], ...array_column($seen, $of))),
                [0, 1, 2],
            );
            $known = ['paces' => $paces, 'drying' => $drying, 'amounts' => $amounts];
            $this->cache->save($item->set($known)->expiresAfter(self::DAY));
        }

        return $known;
    }

    /**
     * @return array{list<array{string, float}>, list<array{string, float}>, list<array{string, float}>}
     */
    private function observed(StoredRun $run, Context $typical): array
    {
        $state = $this->runs->state($run);
        $recipe = $this->runs->recipe($run, $state);
        $piece = new PieceToDo(id: 'run', recipe: $recipe, air: $typical->air($run->place), notBefore: 0);
        $works = $this->steps->workOut($recipe, $typical->climate, $typical->habits($this->practices, $recipe));

        return $this->observe->observe(
            piece: $piece,
            works: $works,
            acts: $this->plan->acts($piece, $typical),
            state: $state,
            calendar: new Calendar($typical->working, $typical->now),
            zone: $typical->working->zone,
        );
    }

    /** What changes whenever something is noted, or a run is put away. */
    private function stamp(): string
    {
        return implode(
            ' ',
            array_map(
                static fn (mixed $v): string => \is_scalar($v) ? (string) $v : '',
                $this->connection->fetchNumeric(
                    'SELECT (SELECT MAX(rowid) FROM run_event), (SELECT id FROM run_event ORDER BY rowid DESC LIMIT '
                    .'1), (SELECT COUNT(*) FROM run), (SELECT SUM(version) FROM run)',
                )
                    ?: [],
            ),
        );
    }
}
