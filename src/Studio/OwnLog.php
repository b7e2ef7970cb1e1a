<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Doctrine\DBAL\Connection;
use Inlaid\App\Store\Entity\StoredRun;
use Inlaid\App\Store\RunBook;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Practice\Practices;
use Inlaid\Core\Run\CompareColours;
use Inlaid\Core\Run\LearnFactor;
use Inlaid\Core\Run\Observed;
use Inlaid\Core\Run\ObserveRun;
use Inlaid\Core\Run\SeenColour;
use Inlaid\Core\Schedule\PieceToDo;
use Inlaid\Core\Schedule\PlanDays;
use Inlaid\Core\Work\WorkOutSteps;
use Psr\Cache\CacheItemPoolInterface;

/**
 * What the jobs of late tell of this painter's own figures. Worked out when something was noted since, else as it was.
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
        private CompareColours $colours,
        private CacheItemPoolInterface $cache,
        private Connection $connection,
        private string $storePath,
    ) {
    }

    /**
     * @param Context $typical with no own figures
     */
    public function learn(Context $typical): Learned
    {
        $item = $this->cache->getItem('own-'.hash(
            'xxh128',
            serialize([$this->storePath, $this->stamp(), $typical->climate, $typical->places, $typical->schools]),
        ));
        $known = $item->get();
        if (!$known instanceof Learned) {
            $points = ['paces' => [], 'drying' => [], 'amounts' => []];
            $colours = [];
            foreach ($this->runs->page(1)[1] as $run) {
                [$title, $observed, $seen] = $this->observed($run, $typical);
                foreach (array_keys($points) as $i => $kind) {
                    foreach ($observed[$i] as $one) {
                        $points[$kind][] = new LoggedPoint($run->id, $title, $one);
                    }
                }
                foreach ($seen as $colour) {
                    $colours[] = new LoggedColour($run->id, $title, $colour);
                }
            }
            $known = new Learned(
                factors: array_map(
                    fn (array $of): array => $this->learn->learn(array_map(static fn (LoggedPoint $p): Observed => $p->observed, $of)),
                    $points,
                ),
                points: $points,
                colours: $colours,
            );
            $this->cache->save($item->set($known)->expiresAfter(self::DAY));
        }

        return $known;
    }

    /**
     * @return array{string, array{list<Observed>, list<Observed>, list<Observed>}, array<string, SeenColour>} with the title of its recipe
     */
    private function observed(StoredRun $run, Context $typical): array
    {
        $state = $this->runs->state($run);
        $recipe = $this->runs->recipe($run, $state);
        $piece = new PieceToDo(id: 'run', recipe: $recipe, air: $typical->air($run->place), notBefore: 0);
        $works = $this->steps->workOut($recipe, $typical->climate, $typical->habits($this->practices, $recipe));

        return [$recipe->title, $this->observe->observe(
            piece: $piece,
            works: $works,
            acts: $this->plan->acts($piece, $typical),
            state: $state,
            calendar: new Calendar($typical->working, $typical->now),
            zone: $typical->working->zone,
        ), $this->colours->compare($recipe, $works, $state)];
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
