<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Run\Event;
use Inlaid\Core\Run\EventKind;
use Inlaid\Core\Run\FoldRun;
use Inlaid\Core\Run\WorkDone;
use Inlaid\Tests\Core\Randomly;
use Inlaid\Tests\Http\GivenDocuments;
use Inlaid\Tests\Http\Studio;
use PHPUnit\Framework\TestCase;

/**
 * The tablet folds entries itself while the program does not answer: exactly as the program does.
 */
final class FoldTest extends TestCase
{
    use Randomly;

    private const STEPS = ['s0', 's1', 's2'];
    /** Ids that PHP would compare as numbers, or JavaScript by another order. */
    private const IDS = [
        '10',
        '1e1',
        '010',
        '9',
        '0e4',
        '0e9',
        'a',
        'B',
        'b',
        'Z9',
        'm-1',
        'm1',
        'l0',
        '5x',
        '05',
        '50',
        'zz',
        'A',
        '1',
        '100',
    ];

    /** Three thousand lists of entries: double, out of order, at the same second, retracted, retracted again and in rings. */
    public function testTheTabletFoldsAsTheProgramDoes(): void
    {
        $cases = $wanted = [];
        $undone = $open = 0;
        $this->manyTimes(3000, function () use (&$cases, &$wanted, &$undone, &$open): void {
            $events = $this->events($this->int(1, 30));
            $cases[] = array_map(self::sent(...), $events);
            $wanted[] = $this->folded($events);
            $undone += [] === array_filter($events, static fn (Event $e): bool => EventKind::Retract === $e->kind) ? 0 : 1;
            $open += [] === array_filter(
                $events,
                static fn (Event $e): bool => EventKind::Passed === $e->kind || EventKind::Again === $e->kind,
            )
                ? 0
                : 1;
        });
        self::assertGreaterThan(1500, min($undone, $open), 'most lists retract something and judge a repeated step');
        $script = <<<'JS'
            const f = page.fold(given);
            const plain = (map) => Object.fromEntries([...map].sort(([a], [b]) => (a < b ? -1 : 1)));
            const rounds = ['s0', 's1', 's2'].flatMap((s) => [1, 3].map((n) => page.roundsOf(f, s, n)));
            const last = f.last?.id ?? null;
            return { done: plain(f.done), skipped: plain(f.skipped), passed: plain(f.passed), again: plain(f.again), last, rounds };
            JS;
        $differ = 0;
        foreach (PageCode::run('rooms/bench/fold.ts', $script, $cases) as $i => $came) {
            $differ += json_encode($wanted[$i]) === json_encode($came) ? 0 : 1;
            if (1 === $differ) {
                self::assertSame(json_encode($wanted[$i]), json_encode($came), 'of '.json_encode($cases[$i]));
            }
        }
        self::assertSame(0, $differ);
    }

    /**
     * What there is to do: as the program says it once it has all entries, although the tablet knows the job as it was before the last of
     * them.
     */
    public function testWhatThereIsToDoIsTheSameOffline(): void
    {
        $studio = Studio::open();
        $steps = [
            [
                'sanded',
                null,
                ['grit' => 180, 'purpose' => 'functional', 'coats' => 2, 'repeat' => ['until' => 'smooth', 'least' => 1, 'most' => 4]],
            ],
            ['brushed', 'signal-cream', ['coats' => 2, 'title' => 'Cream']],
            [
                'sanded',
                null,
                ['grit' => 320, 'purpose' => 'functional', 'coats' => 1, 'repeat' => ['until' => 'smooth', 'least' => 1, 'most' => 3]],
            ],
        ];
        $recipe = $studio->json('POST', '/api/recipes', ['document' => GivenDocuments::of($studio)->document(['steps' => $steps])], 201);
        $cases = $wanted = [];
        $this->manyTimes(60, function () use ($studio, $recipe, &$cases, &$wanted): void {
            $run = $studio->json('POST', '/api/runs', ['recipe' => $recipe->id], 201);
            $kinds = ['started', 'finished', 'dried', 'skipped', 'passed', 'again', 'retract'];
            $events = [];
            foreach (range(1, $this->int(2, 16)) as $i) {
                $kind = 0 === $this->int(0, 3) ? 'finished' : $kinds[$this->int(0, 6)];
                $at = \sprintf('2026-11-20T%02d:%02d:00Z', 7 + $this->int(0, 8), $this->int(0, 59));
                $of = ['step' => self::STEPS[$this->int(0, 2)], 'coat' => $this->int(1, 3)];
                $events[] = ['id' => "$run->id-$i", 'at' => $at, 'kind' => $kind] + (
                    'retract' === $kind ? ['retracts' => "$run->id-".(($i + $this->int(1, 15)) % 16)] : $of
                );
            }
            $known = $this->int(0, \count($events));
            $before = $studio->json('POST', "/api/runs/$run->id/events", ['events' => \array_slice($events, 0, $known)])->run;
            $after = $studio->json('POST', "/api/runs/$run->id/events", ['events' => \array_slice($events, $known)]);
            self::assertSame([], $after->refused);
            $cases[] = ['run' => $before, 'pending' => \array_slice($events, $known)];
            $key = static fn (\stdClass $a): string => "$a->step/$a->coat/$a->lay";
            $done = array_map($key, $after->run->works);
            $acts = array_values(array_filter(
                $after->run->acts,
                static fn (\stdClass $a): bool => !\in_array($a->step, $after->run->skipped, true) || \in_array($key($a), $done, true),
            ));
            $wanted[] = array_map($key, $acts);
        });
        $studio->close();
        $came = PageCode::run(
            'rooms/bench/progress.ts',
            'return page.progress(given.run, given.pending).acts.map((a) => a.step + "/" + a.coat + "/" + a.lay);',
            $cases,
        );
        self::assertSame($wanted, $came);
    }

    /**
     * @return list<Event>
     */
    private function events(int $count): array
    {
        $ids = $this->random->shuffleArray(self::IDS);
        $events = [];
        for ($i = 0; $i < $count; ++$i) {
            $again = [] !== $events && 0 === $this->int(0, 7) ? $events[$this->int(0, \count($events) - 1)] : null;
            $id = $ids[$i % \count($ids)].($i < \count($ids) ? '' : "-$i");
            $events[] = $again ?? $this->event($id, $ids[$this->int(0, \count($ids) - 1)]);
        }

        return $this->random->shuffleArray($events);
    }

    private function event(string $id, string $other): Event
    {
        $kinds = EventKind::cases();
        $kind = match ($this->int(0, 4)) {
            0 => $other === $id ? EventKind::Note : EventKind::Retract,
            1 => EventKind::Finished,
            default => $kinds[$this->int(0, \count($kinds) - 1)],
        };
        if (EventKind::Retract === $kind && $other === $id) {
            $kind = EventKind::Note;
        }
        $step = EventKind::Retract === $kind || EventKind::Climate === $kind ? null : self::STEPS[$this->int(0, 2)];

        return Event::of(
            $id,
            1_764_000_000 + $this->int(0, 9),
            $kind,
            $step,
            $this->int(1, 3),
            $this->int(1, 2),
            EventKind::Poured === $kind ? 5.0 : null,
            EventKind::Note === $kind ? 'x' : null,
            EventKind::Climate === $kind ? Climate::of(20, 50) : null,
            EventKind::Colour === $kind ? Colour::of('#aabbcc') : null,
            EventKind::Retract === $kind ? $other : null,
            EventKind::Mix === $kind ? 's9' : null,
            does: $kind->isImprovised() ? '{"step":{"technique":"brushed"}}' : null,
        );
    }

    /**
     * @return array<string, mixed>
     */
    private static function sent(Event $e): array
    {
        return [
            'id' => $e->id,
            'at' => $e->at,
            'kind' => $e->kind->value,
            'step' => $e->step,
            'coat' => $e->coat,
            'lay' => $e->lay,
            'retracts' => $e->retracts,
        ];
    }

    /**
     * @param list<Event> $events
     *
     * @return array<string, mixed>
     */
    private function folded(array $events): array
    {
        $state = (new FoldRun())->fold($events);
        $done = array_map(
            static fn (WorkDone $w): array => ['started' => $w->started, 'finished' => $w->finished, 'dried' => $w->dried],
            $state->works,
        );
        $sorted = static function (array $map): object {
            ksort($map, \SORT_STRING);

            return (object) $map;
        };
        $rounds = array_merge(...array_map(static fn (string $s): array => [$state->rounds($s, 1), $state->rounds($s, 3)], self::STEPS));

        return [
            'done' => $sorted($done),
            'skipped' => $sorted($state->skipped),
            'passed' => $sorted($state->passed),
            'again' => $sorted($state->again),
            'last' => $state->last?->id,
            'rounds' => $rounds,
        ];
    }
}
