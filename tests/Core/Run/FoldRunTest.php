<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Run;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Run\Event;
use Inlaid\Core\Run\EventKind;
use Inlaid\Core\Run\FoldRun;
use Inlaid\Core\Run\InvalidEntry;
use Inlaid\Core\Run\WorkDone;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * What is folded of the events of a run.
 */
final class FoldRunTest extends TestCase
{
    use Randomly;

    /** Sent again any number of times, in any order: the same state. */
    public function testOrderAndRepetitionDoNotMatter(): void
    {
        $this->manyTimes(200, function (): void {
            $events = $this->events($this->int(1, 25));
            $state = (new FoldRun())->fold($events);
            $again = $this->random->shuffleArray([
                ...$events,
                ...\array_slice($events, 0, $this->int(0, \count($events))),
                ...\array_slice($events, $this->int(0, \count($events))),
            ]);
            self::assertEquals($state, (new FoldRun())->fold($again));
        });
    }

    /** As if what is retracted had never been; and with the retraction retracted, as if that had not. */
    public function testARetractionUndoes(): void
    {
        $this->manyTimes(200, function (): void {
            $events = array_values(array_filter(
                $this->events($this->int(2, 15)),
                static fn (Event $e): bool => EventKind::Retract !== $e->kind,
            ));
            if ([] === $events) {
                return;
            }
            $undone = $events[$this->int(0, \count($events) - 1)];
            $retract = Event::of('r1', 2_000_000, EventKind::Retract, retracts: $undone->id);
            $without = array_values(array_filter($events, static fn (Event $e): bool => $e->id !== $undone->id));
            self::assertEquals((new FoldRun())->fold($without), (new FoldRun())->fold([...$events, $retract]));
            self::assertEquals(
                (new FoldRun())->fold($events),
                (new FoldRun())->fold([...$events, $retract, Event::of('r2', 2_000_001, EventKind::Retract, retracts: 'r1')]),
            );
        });
        $ring = [Event::of('x', 1, EventKind::Retract, retracts: 'y'), Event::of('y', 2, EventKind::Retract, retracts: 'x')];
        self::assertSame([], (new FoldRun())->fold($ring)->works, 'two that retract one another end');
    }

    public function testByHand(): void
    {
        $state = (new FoldRun())->fold([
            Event::of('c', 300, EventKind::Finished, 's1'),
            Event::of('a', 100, EventKind::Started, 's1'),
            Event::of('d', 400, EventKind::Poured, 's2', ml: 40.0),
            Event::of('e', 500, EventKind::Poured, 's2', ml: 25.5),
            Event::of('f', 600, EventKind::Again, 's2'),
            Event::of('g', 700, EventKind::Started, 's2', 2),
            Event::of('h', 800, EventKind::Skipped, 's3'),
        ]);
        self::assertEquals(
            ['s1/1/1' => new WorkDone('s1', 1, 1, 100, 300), 's2/2/1' => new WorkDone('s2', 2, 1, 700, null)],
            $state->works,
        );
        self::assertSame(
            [['s1/1/1' => 300], ['s2' => 65.5], ['s2' => 1], ['s3' => 800]],
            [$state->done(), $state->poured, $state->again, $state->skipped],
        );
        self::assertSame(
            [3, 2, 5],
            [$state->rounds('s1', 3), $state->rounds('s2', 1), $state->rounds('s2', 5)],
            'one more than was not enough, and no fewer than expected',
        );
        $enough = (new FoldRun())->fold([
            Event::of('f', 600, EventKind::Again, 's2'),
            Event::of('g', 700, EventKind::Finished, 's2', 2),
            Event::of('i', 800, EventKind::Passed, 's2', 2),
        ]);
        self::assertSame([2, [], 2], [$enough->rounds('s2', 5), $enough->again, $enough->passed['s2']], 'what was said last');
        self::assertSame(
            4,
            (new FoldRun())->fold([
                Event::of('f', 1, EventKind::Finished, 's2', 4),
                Event::of('g', 2, EventKind::Passed, 's2', 2),
            ])->rounds('s2', 5),
            'never fewer than are done',
        );
        foreach ([
            static fn () => Event::of('a', 1, EventKind::Started),
            static fn () => Event::of('a', 1, EventKind::Poured, 's', ml: 0.0),
            static fn () => Event::of('a', 1, EventKind::Note, 's', text: ' '),
            static fn () => Event::of('a', 1, EventKind::Retract, retracts: 'a'),
            static fn () => Event::of('a', 1, EventKind::Finished, 's', 0),
        ] as $nonsense) {
            try {
                $nonsense();
                self::fail('It says too little.');
            } catch (InvalidEntry $refused) {
                self::assertStringStartsWith('Missing: ', $refused->getMessage());
            }
        }
    }

    /**
     * @return list<Event>
     */
    private function events(int $count): array
    {
        $events = [];
        for ($i = 0; $i < $count; ++$i) {
            $kind = EventKind::cases()[$this->int(0, \count(EventKind::cases()) - 1)];
            $kind = EventKind::Retract === $kind && 0 === $i ? EventKind::Started : $kind;
            $events[] = Event::of(
                "e$i",
                1_000_000 + $this->int(0, 30),
                $kind,
                $kind->isOfStep() ? 's'.$this->int(1, 3) : null,
                $this->int(1, 2),
                $this->int(1, 2),
                EventKind::Poured === $kind ? $this->float(1, 90) : null,
                EventKind::Note === $kind ? 'A note' : null,
                EventKind::Climate === $kind ? Climate::of($this->float(5, 30), 50) : null,
                EventKind::Colour === $kind ? Colour::of('#aabbcc') : null,
                EventKind::Retract === $kind ? 'e'.$this->int(0, $i - 1) : null,
                EventKind::Mix === $kind ? 's4' : null,
                does: $kind->isImprovised() ? '{"step":{"technique":"brushed"}}' : null,
            );
        }

        return $events;
    }
}
