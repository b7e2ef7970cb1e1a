<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use PHPUnit\Framework\TestCase;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

/**
 * Pieces on the bench: put there, planned among one another, noted as they are done, and planned anew from there.
 */
final class RunsTest extends TestCase
{
    private Studio $studio;

    protected function setUp(): void
    {
        $this->studio = Studio::open();
    }

    protected function tearDown(): void
    {
        $this->studio->close();
    }

    /**
     * Two pieces share the days: never two at once, in the hours of the studio, each step after the one before it; what is done is not
     * planned again, and the rest comes after its end.
     */
    public function testTwoPiecesShareTheDays(): void
    {
        $this->clear();
        $rack = $this->put('rack');
        $stools = $this->put('stools', ['place' => 'hall']);
        $context = ['now' => '2026-11-30T07:30:00+01:00'];
        $plan = $this->days($context);
        self::assertSame([$rack->id, $stools->id], array_column($plan->pieces, 'id'));
        $this->assertOneAtATime($plan);
        self::assertSame(max('', ...array_column($plan->pieces, 'ready')), $plan->end);
        self::assertLessThanOrEqual($plan->end, $plan->bound);
        foreach ([$rack, $stools] as $run) {
            $own = array_values(array_filter($plan->works, static fn (\stdClass $w): bool => $w->piece === $run->id));
            self::assertGreaterThanOrEqual(\count($run->document->steps), \count($own));
        }
        $alone = $this->studio->json('POST', '/api/preview', ['document' => $rack->document, 'context' => $context])->preview->plan;
        self::assertGreaterThanOrEqual(
            substr((string) $alone->readyOn, 0, 10),
            substr($this->piece($plan, $rack->id)->ready, 0, 10),
            'not sooner than alone',
        );

        $this->note(
            $rack->id,
            [
                ['id' => 'e1', 'at' => '2026-11-24T08:00:00+01:00', 'kind' => 'started', 'step' => 's1'],
                ['id' => 'e2', 'at' => '2026-11-24T08:40:00+01:00', 'kind' => 'finished', 'step' => 's1'],
                ['id' => 'e3', 'at' => '2026-11-24T08:45:00+01:00', 'kind' => 'skipped', 'step' => 's2'],
            ],
        );
        $after = $this->days($context);
        self::assertNotContains('s1', $this->steps($after, $rack->id));
        self::assertNotContains('s2', $this->steps($after, $rack->id), 'skipped');
        self::assertContains('s3', $this->steps($after, $rack->id));
        $this->assertOneAtATime($after);
        self::assertNotContains('s1', $this->steps($this->days($context), $rack->id));
    }

    /**
     * Section, Days and the bench say the same minute: a recipe alone is the days with one piece, for every recipe, in any air, with a
     * helper and without.
     */
    public function testARecipeAloneIsTheDaysWithOnePiece(): void
    {
        $hours = $this->studio->json('GET', '/api/settings')->settings->hours;
        $spans = 0;
        foreach ([
            ['now' => '2026-11-30T07:30:00+01:00'],
            [
                'now' => '2026-12-03T15:10:00+01:00',
                'climate' => ['temperature' => 17, 'humidity' => 62, 'air' => 'still'],
                'helper' => $hours,
            ],
        ] as $context) {
            foreach ($this->studio->json('GET', '/api/recipes')->recipes as $recipe) {
                $this->clear();
                $run = $this->studio->json('POST', '/api/runs', ['recipe' => $recipe->id], 201);
                $alone = $this->studio->json('POST', '/api/preview', ['document' => $run->document, 'context' => $context])->preview->plan;
                $days = $this->days($context);
                self::assertSame($alone->readyOn, $days->pieces[0]->ready, $recipe->title);
                self::assertSame(
                    [$alone->soonest ?? $alone->readyOn, $alone->latest ?? $alone->readyOn],
                    [$days->pieces[0]->soonest, $days->pieces[0]->latest],
                );
                self::assertLessThanOrEqual($alone->readyOn, $days->pieces[0]->soonest);
                self::assertLessThanOrEqual($days->pieces[0]->latest, $alone->readyOn);
                $spans += null === $alone->soonest ? 0 : 1;
                $of = static fn (string $step, \stdClass $w): array => [$step, $w->coat, $w->lay, $w->stretches];
                self::assertEquals(
                    array_map(static fn (\stdClass $c): array => $of($c->stepId, $c), $alone->coats),
                    array_map(static fn (\stdClass $w): array => $of($w->step, $w), $days->works),
                );
                $minutes = array_map(static fn (\stdClass $c): int => $c->handsOn, $alone->coats);
                $onBench = array_map(static fn (\stdClass $a): int => $a->minutes, $this->studio->json('GET', "/api/runs/$run->id")->acts);
                self::assertSame(array_sum($minutes), $days->handsOn);
                self::assertSame($days->handsOn, array_sum($onBench));
            }
        }
        self::assertGreaterThan(3, $spans, 'with something repeated');
    }

    /** What would be with a helper, on a Saturday, in a warmer room: nothing is kept, and none of them is later. */
    public function testWhatWouldBe(): void
    {
        $this->clear();
        $this->put('stools');
        $this->put('settle');
        $this->put('rack');
        $now = ['now' => '2026-11-30T07:30:00+01:00'];
        $usual = $this->days($now);
        $hours = $this->studio->json('GET', '/api/settings')->settings->hours;
        foreach ([['hours' => (object) ((array) $hours + ['sat' => $hours->mon])], ['helper' => $hours]] as $what) {
            $would = $this->days($now + $what);
            $this->assertOneAtATime($would);
            self::assertLessThanOrEqual($usual->end, $would->end);
        }
        self::assertEquals($usual->pieces, $this->days($now)->pieces);
        $hall = $this->put('stools', ['place' => 'hall']);
        $cold = $this->days($now);
        self::assertGreaterThanOrEqual(
            $this->piece($usual, $usual->pieces[0]->id)->ready,
            $this->piece($cold, $hall->id)->ready,
            'the unheated hall takes longer',
        );
    }

    /**
     * Any event, any number of times, in any order: the same run. Another under the same id is refused, and stops none behind it; a
     * retraction undoes, and is undone.
     */
    public function testEventsAreKeptOnceEach(): void
    {
        $run = $this->put('rack');
        $events = [
            ['id' => 'a1', 'at' => '2026-11-24T08:00:00+01:00', 'kind' => 'started', 'step' => 's1'],
            ['id' => 'a2', 'at' => '2026-11-24T08:40:00+01:00', 'kind' => 'finished', 'step' => 's1'],
            ['id' => 'a3', 'at' => '2026-11-24T09:00:00+01:00', 'kind' => 'poured', 'step' => 's3', 'ml' => 120.5],
            ['id' => 'a4', 'at' => '2026-11-24T09:01:00+01:00', 'kind' => 'note', 'step' => 's3', 'text' => 'Drags a little.'],
            ['id' => 'a5', 'at' => '2026-11-24T09:02:00+01:00', 'kind' => 'retract', 'retracts' => 'a3'],
            [
                'id' => 'a6',
                'at' => '2026-11-24T09:03:00+01:00',
                'kind' => 'climate',
                'climate' => ['temperature' => 18.5, 'humidity' => 55],
            ],
        ];
        $state = $this->note($run->id, $events)->run;
        self::assertSame(
            [1, [], ['Drags a little.']],
            [\count($state->works), (array) $state->poured, array_column($state->notes, 'text')],
        );
        foreach ([array_reverse($events), [$events[3], $events[0], $events[3]], $events] as $again) {
            $noted = $this->note($run->id, $again);
            self::assertSame([], $noted->refused);
            self::assertEquals($state, $noted->run);
        }
        $mixed = $this->note($run->id, [
            ['id' => 'a3', 'at' => '2026-11-24T09:00:00+01:00', 'kind' => 'poured', 'step' => 's3', 'ml' => 90],
            ['id' => 'b1', 'at' => '2026-11-24T09:00:00+01:00', 'kind' => 'poured', 'step' => 's99', 'ml' => 90],
            ['id' => 'b2', 'at' => '2026-11-24T09:00:00+01:00', 'kind' => 'note', 'step' => 's3'],
            'nonsense',
            ['id' => 'b3', 'at' => '2099-01-01T09:00:00+01:00', 'kind' => 'note', 'step' => 's3', 'text' => 'From the future.'],
            ['id' => 'b4', 'at' => '2026-11-24T09:10:00+01:00', 'kind' => 'retract', 'retracts' => 'a5'],
        ]);
        self::assertSame([0, 1, 2, 3, 4], array_column($mixed->refused, 'place'));
        self::assertStringContainsString('Another entry', $mixed->refused[0]->why);
        self::assertSame(120.5, $mixed->run->poured->s3, 'the retraction is retracted');
        $this->studio->json('POST', '/api/runs/01ARZ3NDEKTSV4RRFFQ69G5FAV/events', ['events' => []], 404);
        $other = $this->put('rack');
        self::assertSame([0], array_column($this->note($other->id, [$events[0]])->refused, 'place'), 'of another run');
    }

    /**
     * Made otherwise: sanded for longer, one coat less, more poured, too soon, one left out, another order; each in words, and taken into
     * the recipe it is planned so.
     */
    public function testTheRunAgainstItsPlan(): void
    {
        $given = GivenDocuments::of($this->studio);
        $document = $given->document(['steps' => [
            ['sanded', null, ['grit' => 180, 'title' => 'Sand']],
            ['dusted', null, ['title' => 'Dust']],
            ['brushed', 'signal-cream', ['coats' => 3, 'title' => 'Cream']],
            ['brushed', 'topcoat-matt', ['coats' => 1, 'title' => 'Clear']],
            ['waxed', 'clear-wax', ['title' => 'Wax']],
        ]]);
        $recipe = $this->studio->json('POST', '/api/recipes', ['document' => $document], 201);
        $run = $this->studio->json('POST', '/api/runs', ['recipe' => $recipe->id], 201);
        $planned = array_column($run->acts, 'minutes', 'step');
        $n = 0;
        $at = static fn (string $time): string => "2026-11-23T$time:00+01:00";
        $did = static function (string $step, string $from, string $to, int $coat = 1) use (&$n, $at): array {
            return [
                ['id' => 'w'.++$n, 'at' => $at($from), 'kind' => 'started', 'step' => $step, 'coat' => $coat],
                ['id' => 'w'.++$n, 'at' => $at($to), 'kind' => 'finished', 'step' => $step, 'coat' => $coat],
            ];
        };
        $noted = $this->note($run->id, [
            ...$did('s0', '08:00', '09:40'), ...$did('s2', '10:00', '10:20'), ...$did(
                's2',
                '10:40',
                '11:00',
                2,
            ), ...$did('s4', '11:05', '11:20'), ...$did('s3', '14:00', '14:20'),
            ['id' => 'p1', 'at' => $at('10:01'), 'kind' => 'poured', 'step' => 's2', 'ml' => 2000],
            ['id' => 'k1', 'at' => $at('09:45'), 'kind' => 'skipped', 'step' => 's1'],
        ]);
        self::assertSame([], $noted->refused);
        $this->studio->json('PUT', "/api/runs/$run->id", ['version' => 1, 'finished' => true]);
        $made = $this->studio->json('GET', "/api/runs/$run->id/report");
        $words = array_column($made->deviations, 'words', 'key');
        self::assertSame("100 min hands-on (planned {$planned['s0']})", $words['time-s0']);
        self::assertSame('skipped', $words['skipped-s1']);
        self::assertSame('2 times (planned 3 times)', $words['coats-s2']);
        self::assertStringContainsString('2000 ml poured', $words['poured-s2']);
        self::assertStringStartsWith('coat 2 after 20 min (planned ', $words['soon-s2']);
        self::assertSame('done before “Clear” (planned after it)', $words['order-s4'] ?? '');
        self::assertSame(
            [false, false],
            [array_column($made->deviations, 'takes', 'key')['poured-s2'], array_column($made->deviations, 'takes', 'key')['soon-s2']],
        );

        $taken = $this->studio->json(
            'POST',
            "/api/runs/$run->id/adopt",
            ['deviations' => ['skipped-s1', 'coats-s2', 'order-s4', 'time-s0'], 'version' => $recipe->version],
        );
        self::assertGreaterThan($recipe->version, $taken->version);
        $now = $this->studio->json('GET', "/api/recipes/$recipe->id")->document->steps;
        self::assertSame(['s0', 's2', 's4', 's3'], array_column($now, 'id'));
        self::assertSame([100, 2], [$now[0]->handsOn, $now[1]->coats]);
        $this->studio->json('POST', "/api/runs/$run->id/adopt", ['deviations' => ['coats-s2'], 'version' => $recipe->version], 409);
        self::assertSame(
            '/deviations',
            $this->studio->json(
                'POST',
                "/api/runs/$run->id/adopt",
                ['deviations' => ['poured-s2'], 'version' => $taken->version],
                422,
            )->violations[0]->pointer,
        );
        $kept = $this->studio->json('PUT', "/api/runs/$run->id/lesson", ['version' => 2, 'lesson' => 'Two coats will do.', 'rating' => 4]);
        self::assertSame(['Two coats will do.', 4], [$kept->lesson, $kept->rating]);
        self::assertSame(
            '/rating',
            $this->studio->json(
                'PUT',
                "/api/runs/$run->id/lesson",
                ['version' => 3, 'lesson' => '', 'rating' => 9],
                422,
            )->violations[0]->pointer,
        );
    }

    /**
     * What was timed tells the painter's pace; planned with it the same works take so much longer or less; what states a time of its own
     * does not.
     */
    public function testTheDaysAreInThePaintersOwnPace(): void
    {
        $paces = array_column($this->studio->json('GET', '/api/personal-factors')->paces->figures, null, 'of');
        self::assertGreaterThan(1.05, $paces['sanded']->factor, 'sanding takes longer at Fernhollow');
        self::assertTrue($paces['sanded']->low < $paces['sanded']->factor && $paces['sanded']->factor < $paces['sanded']->high);
        $now = ['now' => '2026-11-30T07:30:00+01:00'];
        [$usual, $own] = [$this->days($now), $this->days($now + ['ownPace' => true])];
        $minutes = static function (\stdClass $plan): array {
            $sum = [];
            foreach ($plan->works as $w) {
                foreach ($w->stretches as $s) {
                    $sum["$w->piece $w->step $w->coat $w->lay"] = (
                        $sum["$w->piece $w->step $w->coat $w->lay"] ?? -$w->setUp
                    ) + intdiv(strtotime($s->end) - strtotime($s->start), 60);
                }
            }

            return $sum;
        };
        $stools = array_values(array_filter($usual->pieces, static fn (\stdClass $p): bool => str_contains($p->title, 'stools')))[0]->id;
        self::assertEqualsWithDelta($paces['sanded']->factor * $minutes($usual)["$stools s1 1 1"], $minutes($own)["$stools s1 1 1"], 0.6);
        self::assertFalse($this->studio->json('GET', '/api/personal-factors')->paces->used);
    }

    /** Two more of the same: the recipe is scaled, what is in pots comes first, and a pot that will not keep is told of. */
    public function testTheSameForAnotherCountFromWhatIsLeft(): void
    {
        $recipe = $this->studio->recipe('stools')->id;
        $run = static fn (\stdClass $s): float => array_sum(array_map(
            static fn (\stdClass $m): float => $m->amount->ml ?? 0.0,
            $s->materials,
        ));
        $six = $this->studio->json('POST', '/api/runs', ['recipe' => $recipe], 201)->id;
        $two = $this->studio->json('POST', '/api/runs', ['recipe' => $recipe, 'count' => 2], 201)->id;
        self::assertSame(2, $this->studio->json('GET', "/api/runs/$two")->document->piece->count);
        self::assertSame(6, $this->studio->json('GET', "/api/recipes/$recipe")->document->piece->count, 'the recipe stays as it is');
        self::assertLessThan(0.5 * $run($this->worked($six)), $run($this->worked($two)));
        self::assertSame(
            '/count',
            $this->studio->json('POST', '/api/runs', ['recipe' => $recipe, 'count' => 0], 422)->violations[0]->pointer,
        );

        $now = new \DateTimeImmutable('now');
        $pots = ['pots' => [
            ['id' => 'p1', 'name' => 'Fresh', 'goodUntil' => $now->modify('+40 days')->format('Y-m-d'), 'holds' => ['water' => '10']],
            ['id' => 'p2', 'name' => 'Late', 'goodUntil' => $now->modify('-2 days')->format('Y-m-d'), 'holds' => ['water' => '10']],
            ['id' => 'p3', 'name' => 'Soon', 'goodUntil' => $now->modify('+2 days')->format('Y-m-d'), 'holds' => ['water' => '10']],
        ]];
        self::assertSame(
            [['Late', true], ['Soon', false]],
            array_map(static fn (\stdClass $p): array => [$p->name, $p->isOver], $this->days($pots)->expires),
        );
    }

    /** Begun on the last day that is named it is ready in time; on the working day after, it is not. */
    public function testByWhenAPieceMustBeBegun(): void
    {
        foreach ($this->studio->json('GET', '/api/runs')->runs as $other) {
            null !== $other->finishedAt
                || $this->studio->json('PUT', "/api/runs/$other->id", ['version' => $other->version, 'archived' => true]);
        }
        $run = $this->put('stools');
        $change = fn (?string $notBefore): \stdClass => $this->studio->json(
            'PUT',
            "/api/runs/$run->id",
            ['version' => $this->studio->json('GET', "/api/runs/$run->id")->version, 'due' => '2027-01-15', 'notBefore' => $notBefore],
        );
        $change(null);
        $now = ['now' => '2026-11-30T07:30:00+01:00'];
        $piece = $this->piece($this->days($now), $run->id);
        self::assertNotNull($piece->beginBy);
        $last = substr($piece->beginBy, 0, 10);
        $change($last);
        $then = $this->piece($this->days($now), $run->id);
        self::assertSame([0, $piece->beginBy], [$then->late, $then->beginBy]);
        $change((new \DateTimeImmutable($last))->modify('+1 weekday')->format('Y-m-d'));
        $late = $this->piece($this->days($now), $run->id);
        self::assertGreaterThan(0, $late->late);
        self::assertNull($late->beginBy);
    }

    /** In an unheated hall a piece dries as the preview says for the air there: on the bench, in the logbook and in the days alike. */
    public function testAPieceIsWorkedOutInTheAirOfItsPlace(): void
    {
        $this->clear();
        [$here, $hall] = [$this->put('stools'), $this->put('stools', ['place' => 'hall'])];
        $worked = fn (\stdClass $run): \stdClass => $this->studio->json('GET', "/api/runs/$run->id/calculation");
        $recoats = static fn (\stdClass $preview): array => array_map(
            static fn (\stdClass $s): ?int => $s->drying->recoat->planned ?? null,
            $preview->steps,
        );
        [$usual, $cold] = [$worked($here), $worked($hall)];
        self::assertNotEquals($usual->context->climate, $cold->context->climate);
        self::assertGreaterThan(array_sum($recoats($usual->preview)), array_sum($recoats($cold->preview)));
        $there = $this->studio->json(
            'POST',
            '/api/preview',
            ['document' => $hall->document, 'context' => ['climate' => $cold->context->climate]],
        )->preview;
        self::assertSame($recoats($there), $recoats($cold->preview));
        self::assertSame(
            $recoats($this->studio->json('POST', '/api/preview', ['document' => $here->document])->preview),
            $recoats($usual->preview),
        );

        $note = fn (\stdClass $run, string $id, mixed $air): \stdClass => $this->note(
            $run->id,
            [['id' => $id, 'at' => '2026-11-24T09:03:00+01:00', 'kind' => 'climate', 'climate' => $air]],
        );
        $said = fn (\stdClass $run): array => array_column(
            $this->studio->json('GET', "/api/runs/$run->id/report")->deviations,
            'words',
            'key',
        );
        $note($hall, 'c1', ['temperature' => $cold->context->climate->temperature, 'humidity' => $cold->context->climate->humidity]);
        $note($here, 'c2', ['temperature' => $cold->context->climate->temperature, 'humidity' => $cold->context->climate->humidity]);
        self::assertArrayNotHasKey('air', $said($hall), 'as cold as a hall is');
        self::assertArrayHasKey('air', $said($here));
    }

    /** A hall that holds one piece: the second comes in when the first is ready. */
    public function testAPlaceHoldsSoManyPieces(): void
    {
        foreach ($this->studio->json('GET', '/api/runs?bench=1')->runs as $other) {
            $this->studio->json('PUT', "/api/runs/$other->id", ['version' => $other->version, 'archived' => true]);
        }
        $recipe = $this->studio->recipe('rack')->id;
        array_map(fn (): mixed => $this->studio->json('POST', '/api/runs', ['recipe' => $recipe, 'place' => 'window'], 201), [1, 2]);
        $places = static fn (?int $holds): array => [
            'now' => '2026-11-30T07:30:00+01:00',
            'places' => [(object) array_filter([
                'id' => 'window',
                'name' => 'Window',
                'coldest' => 18,
                'warmest' => 22,
                'humidity' => 50,
                'air' => 'still',
                'holds' => $holds,
            ])],
        ];
        $ready = static function (\stdClass $plan): array {
            $found = array_column($plan->pieces, 'ready');
            sort($found);

            return $found;
        };
        [$any, $one] = [$this->days($places(null)), $this->days($places(1))];
        self::assertGreaterThan($ready($any)[1], $ready($one)[1]);
        $first = array_values(array_filter(
            $one->works,
            static fn (\stdClass $w): bool => $w->piece === $one->pieces[array_search(
                $ready($one)[1],
                array_column($one->pieces, 'ready'),
                true,
            )]->id
                && null !== $w->pot,
        ))[0];
        self::assertGreaterThanOrEqual(strtotime($ready($one)[0]), strtotime($first->stretches[0]->start));
    }

    /** Two runs of the demo, step by step and by what they cost; the other way round it says so. */
    public function testTwoRunsBesideEachOther(): void
    {
        $stools = array_values(array_filter(
            $this->studio->json('GET', '/api/runs')->runs,
            static fn (\stdClass $r): bool => null !== $r->finishedAt,
        ));
        [$late, $early] = 4 === $stools[0]->rating ? $stools : array_reverse($stools);
        $beside = $this->studio->json('GET', "/api/runs/$late->id/compare/$early->id");
        $words = array_column($beside->made, 'words', 'step');
        self::assertStringContainsString('2 times against 3 times', $words['s5']);
        self::assertStringContainsString('520 ml poured against 610', $words['s3']);
        self::assertSame([], $beside->recipes);
        self::assertGreaterThan($beside->oneMade->costMade, $beside->otherMade->costMade, 'more paint and more hands cost more');
        $back = $this->studio->json('GET', "/api/runs/$early->id/compare/$late->id");
        self::assertStringContainsString('610 ml poured against 520', array_column($back->made, 'words', 'step')['s3']);
        self::assertSame([], $this->studio->json('GET', "/api/runs/$late->id/compare/$late->id")->made);
        $colour = array_values(array_filter(
            $beside->oneMade->deviations,
            static fn (\stdClass $d): bool => str_starts_with($d->key, 'colour-'),
        ))[0];
        self::assertMatchesRegularExpression('/#bd8a3d, expected #[0-9a-f]{6}: .*ΔE/', $colour->words);
        $coats = fn (string $run): int => array_column(
            $this->studio->json('GET', "/api/runs/$run/calculation?made=true")->preview->steps,
            'coats',
            'id',
        )['s5'];
        self::assertSame([2, 3], [$coats($late->id), $coats($early->id)], 'their faces are of what was done');
        // By hand: what was poured at its price, and the timed hands at the studio's rate.
        $made = $beside->oneMade;
        self::assertEqualsWithDelta(
            42 * ($made->minutesPlanned - $made->minutesMade) / 60,
            ($made->costPlanned - $made->costMade) - ($made->mlPlanned - $made->mlPoured) * $this->priceOf($late->id, 's3'),
            0.02,
        );
    }

    private function priceOf(string $run, string $step): float
    {
        $pour = array_column($this->worked($run)->steps, null, 'id')[$step]->pour;

        return $pour->cost / $pour->need->ml;
    }

    /** What is decided at the bench is planned at once, undone at once, told in the logbook, and taken into the recipe at a press. */
    public function testTheRecipeBecomesAnotherAtTheBench(): void
    {
        $run = $this->put('stools');
        $recipe = $this->studio->recipe('stools');
        $noted = $this->note($run->id, [
            ['id' => 'c1', 'at' => '2026-11-01T09:00:00+01:00', 'kind' => 'more', 'step' => 's3'],
            ['id' => 'c2', 'at' => '2026-11-01T09:01:00+01:00', 'kind' => 'insert', 'step' => 's3', 'before' => 's6'],
            ['id' => 'c3', 'at' => '2026-11-01T09:02:00+01:00', 'kind' => 'mix', 'step' => 's5', 'of' => 's3'],
        ]);
        self::assertSame([], $noted->refused);
        $steps = array_column($noted->run->document->steps, null, 'id');
        $inserted = array_keys($steps)[array_search('s6', array_keys($steps), true) - 1];
        self::assertSame([2, 1], [$steps['s3']->coats, $steps[$inserted]->coats]);
        self::assertEquals($steps['s3']->uses, $steps['s5']->uses);
        self::assertContains($inserted, array_column($noted->run->acts, 'step'), 'it is to be done');
        self::assertContains($inserted, array_column($this->worked($run->id)->steps, 'id'), 'and worked out');
        self::assertContains(
            $inserted,
            array_column(
                array_filter(
                    $this->days(['now' => '2026-11-30T07:30:00+01:00'])->works,
                    static fn (\stdClass $w): bool => $w->piece === $run->id,
                ),
                'step',
            ),
            'and planned',
        );
        self::assertSame(
            [],
            $this->note(
                $run->id,
                [['id' => 'c4', 'at' => '2026-11-01T10:00:00+01:00', 'kind' => 'finished', 'step' => $inserted]],
            )->refused,
            'and can be noted',
        );

        // Sent once more, as after a lost answer, it is the same.
        $again = $this->note(
            $run->id,
            [
                ['id' => 'c2', 'at' => '2026-11-01T09:01:00+01:00', 'kind' => 'insert', 'step' => 's3', 'before' => 's6'],
                ['id' => 'c1', 'at' => '2026-11-01T09:00:00+01:00', 'kind' => 'more', 'step' => 's3'],
            ],
        );
        self::assertSame([], $again->refused);
        self::assertEquals($noted->run->document, $again->run->document);

        $made = $this->studio->json('GET', "/api/runs/$run->id/report")->deviations;
        self::assertSame(['one extra coat', true], [$made[0]->words, $made[0]->takes]);
        $taken = $this->studio->json(
            'POST',
            "/api/runs/$run->id/adopt",
            ['deviations' => ['changed-c1', 'changed-c2'], 'version' => $recipe->version],
        );
        $draft = array_column($this->studio->json('GET', "/api/recipes/$taken->recipe")->document->steps, null, 'id');
        self::assertSame(2, $draft['s3']->coats);
        self::assertCount(\count($recipe->document->steps) + 1, $draft);

        $undone = $this->note(
            $run->id,
            [
                ['id' => 'c5', 'at' => '2026-11-01T11:00:00+01:00', 'kind' => 'retract', 'retracts' => 'c3'],
                ['id' => 'c6', 'at' => '2026-11-01T11:00:00+01:00', 'kind' => 'retract', 'retracts' => 'c1'],
            ],
        )->run;
        $back = array_column($undone->document->steps, null, 'id');
        self::assertSame(1, $back['s3']->coats);
        self::assertEquals(array_column($recipe->document->steps, null, 'id')['s5']->uses, $back['s5']->uses);

        self::assertSame(
            [],
            $this->note(
                $run->id,
                [
                    ['id' => 'r2', 'at' => '2026-11-01T11:30:00+01:00', 'kind' => 'retract', 'retracts' => 'c2'],
                    [
                        'id' => 'c7',
                        'at' => '2026-11-01T11:20:00+01:00',
                        'kind' => 'note',
                        'step' => $inserted,
                        'text' => 'Done on the other tablet.',
                    ],
                ],
            )->refused,
            'taken back on one device while another is at it',
        );

        $refused = $this->note($run->id, [
            ['id' => 'n1', 'at' => '2026-11-01T12:00:00+01:00', 'kind' => 'mix', 'step' => 's1', 'of' => 's3'],
            ['id' => 'n2', 'at' => '2026-11-01T12:00:00+01:00', 'kind' => 'insert', 'step' => 'nothing'],
            ['id' => 'n3', 'at' => '2026-11-01T12:00:00+01:00', 'kind' => 'more', 'step' => 's3'],
        ])->refused;
        self::assertSame([0, 1], array_column($refused, 'place'), 'nobody sands with paint; and what is refused stops nothing behind it');
    }

    /** Not so even after the most rounds: what is kept for that is done, and the rounds end. */
    public function testWhatIsKeptForTheWorstIsDoneInstead(): void
    {
        $recipe = $this->studio->recipe('stools');
        $steps = array_column($recipe->document->steps, null, 'id');
        $steps['s5']->repeat = (object) ['until' => 'hides', 'least' => 1, 'most' => 2, 'otherwise' => 's6'];
        $recipe = $this->studio->json(
            'PUT',
            "/api/recipes/$recipe->id/draft",
            ['version' => $recipe->version, 'document' => $recipe->document],
        );
        $run = $this->put('stools');
        $acts = static fn (\stdClass $r): array => array_count_values(array_column($r->acts, 'step'));
        $opened = $this->studio->json('GET', "/api/runs/$run->id");
        self::assertArrayNotHasKey('s6', $acts($opened), 'it is not expected');
        $at = '2026-11-01T09:00:00+01:00';
        $noted = $this->note(
            $run->id,
            [
                ['id' => 'i1', 'at' => $at, 'kind' => 'finished', 'step' => 's5'],
                ['id' => 'i2', 'at' => $at, 'kind' => 'finished', 'step' => 's5', 'coat' => 2],
                ['id' => 'i3', 'at' => $at, 'kind' => 'instead', 'step' => 's5', 'coat' => 2],
            ],
        )->run;
        self::assertSame([2, 1], [$acts($noted)['s5'], $acts($noted)['s6']]);
    }

    public function testPhotosOfTheBench(): void
    {
        $run = $this->put('rack');
        $photo = \Inlaid\Tests\Pictures::withPlace(\Inlaid\Tests\Pictures::board([[0.5, 0.4, 0.3]]));
        $added = $this->studio->ask('POST', "/api/runs/$run->id/photos?step=s2", $photo, ['Content-Type' => 'image/jpeg']);
        self::assertSame(201, $added->getStatusCode(), (string) $added->getContent());
        $line = $this->studio->json('GET', "/api/runs/$run->id")->photos[0];
        self::assertSame('s2', $line->step);
        $kept = (string) $this->studio->ask('GET', "/api/run-photos/$line->id")->getContent();
        self::assertStringNotContainsString('Exif', $kept, 'not where it was taken');
        self::assertSame([], $this->studio->json('PUT', "/api/run-photos/$line->id/archive", ['archived' => true])->photos);
        self::assertCount(1, $this->studio->json('PUT', "/api/run-photos/$line->id/archive", ['archived' => false])->photos);
        foreach (["/api/runs/$run->id/photos?step=moon" => $photo, "/api/runs/$run->id/photos" => '<?php echo 1;'] as $to => $bytes) {
            self::assertSame(422, $this->studio->ask('POST', $to, $bytes, ['Content-Type' => 'image/jpeg'])->getStatusCode());
        }
    }

    /** Coats seen to become dry, and pours, are reckoned with at a switch, by the recipe's own plan too; and it is said. */
    public function testARecipeIsReckonedWithTheLogAtASwitch(): void
    {
        $run = $this->put('rack');
        $usual = $this->worked($run->id);
        $step = array_values(array_filter(
            $usual->steps,
            static fn (\stdClass $s): bool => null !== $s->pour && 1 === $s->coats && 1 === $s->lays && 'adds' === $s->effect,
        ))[0];
        $at = static fn (int $minute): string => gmdate('Y-m-d\TH:i:s\Z', 1_700_000_000 + 60 * $minute);
        $this->note($run->id, [
            ['id' => 'd1', 'at' => $at(0), 'kind' => 'started', 'step' => $step->id], [
                'id' => 'd2',
                'at' => $at(20),
                'kind' => 'finished',
                'step' => $step->id,
            ],
            [
                'id' => 'd3',
                'at' => $at(20 + 3 * $step->drying->recoat->planned),
                'kind' => 'dried',
                'step' => $step->id,
            ], ['id' => 'd4', 'at' => $at(1), 'kind' => 'poured', 'step' => $step->id, 'ml' => 2 * $step->pour->need->ml],
        ]);
        $own = $this->studio->json('GET', '/api/personal-factors');
        self::assertGreaterThan(1.2, max([0, ...array_column($own->drying->figures, 'factor')]));
        self::assertFalse($own->drying->used);
        $reckoned = static fn (\stdClass $of): array => array_map(
            static fn (\stdClass $s): array => [$s->drying, $s->pour->need ?? null, $s->pour->taken ?? null, $s->own],
            $of->steps,
        );
        self::assertEquals($reckoned($usual), $reckoned($this->worked($run->id)), 'nothing changes until it is switched on');

        $settings = $this->studio->json('GET', '/api/settings');
        $settings->settings->ownDrying = $settings->settings->ownAmounts = true;
        $this->studio->json('PUT', '/api/settings', ['version' => $settings->version, 'settings' => $settings->settings]);
        $with = array_values(array_filter($this->worked($run->id)->steps, static fn (\stdClass $s): bool => $step->id === $s->id))[0];
        self::assertCount(2, $with->own);
        self::assertSame([], $step->own);
        self::assertGreaterThan($step->drying->recoat->planned, $with->drying->recoat->planned);
        self::assertGreaterThan($step->pour->need->ml, $with->pour->need->ml);
    }

    private function worked(string $run): \stdClass
    {
        return $this->studio->json('GET', "/api/runs/$run/calculation")->preview;
    }

    /** A hygrometer goes through the day of its place until a real one says what it measures; what it measures counts for the hour. */
    public function testAHygrometerIsBelieved(): void
    {
        $shown = $this->studio->json('GET', '/api/hygrometer?place=hall');
        self::assertTrue($shown->simulated);
        self::assertGreaterThanOrEqual(9.0, $shown->temperature);
        self::assertLessThanOrEqual(17.0, $shown->temperature);
        self::assertSame(
            [19.0, true],
            [$this->studio->json('GET', '/api/hygrometer')->temperature, $this->studio->json('GET', '/api/hygrometer')->simulated],
        );
        $measured = $this->studio->json('PUT', '/api/hygrometer', ['place' => 'hall', 'temperature' => 3.5, 'humidity' => 80]);
        self::assertSame([3.5, 80.0, false], [$measured->temperature, (float) $measured->humidity, $measured->simulated]);
        self::assertSame(3.5, $this->studio->json('GET', '/api/hygrometer?place=hall')->temperature);
        self::assertSame(
            '/place',
            $this->studio->json(
                'PUT',
                '/api/hygrometer',
                ['place' => 'moon', 'temperature' => 3.5, 'humidity' => 80],
                422,
            )->violations[0]->pointer,
        );
        self::assertSame(
            '/temperature',
            $this->studio->json('PUT', '/api/hygrometer', ['temperature' => 99, 'humidity' => 80], 422)->violations[0]->pointer,
        );
    }

    /** For the client: gently until the last film has cured, by its label and the air of its place; and care by what lies uppermost. */
    public function testTheClientIsToldHowToCare(): void
    {
        $given = GivenDocuments::of($this->studio);
        $document = $given->document(['steps' => [
            ['brushed', 'signal-cream', ['title' => 'Cream']],
            ['waxed', 'clear-wax', ['title' => 'Wax']],
        ]]);
        $run = $this->studio->json(
            'POST',
            '/api/runs',
            ['recipe' => $this->studio->json('POST', '/api/recipes', ['document' => $document], 201)->id],
            201,
        );
        $care = $this->studio->json('GET', "/api/runs/$run->id/care");
        self::assertSame([null, []], [$care->until, $care->cures]);
        $this->note(
            $run->id,
            [
                ['id' => 'c1', 'at' => '2026-11-01T09:00:00+01:00', 'kind' => 'finished', 'step' => 's0'],
                ['id' => 'c2', 'at' => '2026-11-02T09:00:00+01:00', 'kind' => 'finished', 'step' => 's1'],
            ],
        );
        $care = $this->studio->json('GET', "/api/runs/$run->id/care");
        self::assertSame(['Cream', 'Wax'], array_column($care->cures, 'name'));
        foreach ([['s0', 0], ['s1', 1]] as [$step, $i]) {
            $stated = $given->material(0 === $i ? 'signal-cream' : 'clear-wax')->handling->times->cure;
            self::assertGreaterThanOrEqual(
                strtotime($care->cures[$i]->laid) + 60 * $stated,
                strtotime($care->cures[$i]->cured),
                'never before the label',
            );
        }
        self::assertSame(max('', ...array_column($care->cures, 'cured')), $care->until);
        self::assertStringContainsString('wax melts', implode(' ', $care->care));
    }

    /** The log as a table: every event a row, and no note is a formula. */
    public function testTheLogIsATable(): void
    {
        $run = $this->put('rack');
        $this->note(
            $run->id,
            [
                [
                    'id' => 'l1',
                    'at' => '2026-11-01T09:00:00+01:00',
                    'kind' => 'note',
                    'step' => 's3',
                    'text' => '=HYPERLINK("x"), and more',
                ],
                ['id' => 'l2', 'at' => '2026-11-01T08:00:00+01:00', 'kind' => 'poured', 'step' => 's3', 'ml' => 12.5],
            ],
        );
        $csv = (string) $this->studio->ask('GET', "/api/runs/$run->id/log.csv")->getContent();
        $rows = array_map(static fn (string $line): array => str_getcsv($line, ',', '"', ''), explode("\r\n", trim(substr($csv, 3))));
        self::assertSame(
            [['poured', 'Cream undertone', '12.5', ''], ['note', 'Cream undertone', '', '\'=HYPERLINK("x"), and more']],
            array_map(static fn (array $r): array => [$r[1], $r[2], $r[5], $r[9]], \array_slice($rows, 1)),
        );
    }

    /** A calendar program that has the address is answered, nobody else; a new address ends the old one. */
    public function testTheDaysAreSubscribedTo(): void
    {
        self::assertNull($this->studio->json('GET', '/api/feed')->since);
        $first = (string) parse_url($this->studio->json('POST', '/api/feed', null, 201)->address, \PHP_URL_PATH);
        self::assertSame($this->studio->ask('GET', '/api/days.ics')->getStatusCode(), $this->studio->ask('GET', $first)->getStatusCode());
        self::assertStringContainsString('BEGIN:VEVENT', (string) $this->studio->ask('GET', $first)->getContent());
        self::assertNotNull($this->studio->json('GET', '/api/feed')->since);
        $second = (string) parse_url($this->studio->json('POST', '/api/feed', null, 201)->address, \PHP_URL_PATH);
        self::assertSame(
            [404, 200],
            [$this->studio->ask('GET', $first)->getStatusCode(), $this->studio->ask('GET', $second)->getStatusCode()],
        );
        self::assertSame(404, $this->studio->ask('GET', '/feed/'.str_repeat('A', 43).'.ics')->getStatusCode());
        $this->studio->json('DELETE', '/api/feed');
        self::assertSame(404, $this->studio->ask('GET', $second)->getStatusCode());
    }

    /**
     * Before it is done again: the recipe that has moved on since, the paint that is another, the air, the pots that are left, and what it
     * looked like.
     */
    public function testWhatHasChangedSince(): void
    {
        $run = array_values(array_filter(
            $this->studio->json('GET', '/api/runs')->runs,
            static fn (\stdClass $r): bool => null !== $r->finishedAt,
        ))[0];
        $again = $this->studio->json('GET', "/api/runs/$run->id/repeat-check");
        self::assertStringContainsString('Two ochre coats', $again->lesson);
        self::assertStringContainsString('coats', implode(' ', array_column($again->recipe, 'text')), 'of the ochre, one less by now');
        self::assertSame([[], null], [$again->materials, $again->air]);
        self::assertNotEmpty($again->expected);
        $ochre = $this->studio->json('GET', '/api/materials?query=halt+ochre')->materials[0]->material;
        $ochre->look->hiding = 0.91;
        $this->studio->json('PUT', "/api/materials/$ochre->id", ['material' => $ochre]);
        $this->note(
            $run->id,
            [
                [
                    'id' => 'air',
                    'at' => '2026-11-05T12:00:00+01:00',
                    'kind' => 'climate',
                    'climate' => ['temperature' => 22.5, 'humidity' => 40],
                ],
                ['id' => 'col', 'at' => '2026-11-05T12:00:00+01:00', 'kind' => 'colour', 'step' => 's5', 'colour' => '#b4862f'],
            ],
        );
        $again = $this->studio->json('GET', "/api/runs/$run->id/repeat-check");
        self::assertStringContainsString('the hiding power', $again->materials[0]);
        self::assertStringContainsString('91 %', $again->materials[0]);
        self::assertStringStartsWith('Then 22.5 °C, 40 %', $again->air);
        self::assertSame(['#b4862f', '#bd8a3d'], $again->looked);
        $cupboard = $this->put('cupboard');
        self::assertContains(
            'Smoke glaze',
            array_column($this->studio->json('GET', "/api/runs/$cupboard->id/repeat-check")->pots, 'step'),
            'a rest of it is on the shelf',
        );
    }

    /** The calendar, parsed back, is the plan. */
    public function testTheCalendarIsThePlan(): void
    {
        do { // both of one second: the plan begins now
            $second = time();
            $plan = $this->days([]);
            $response = $this->studio->ask('GET', '/api/days.ics');
        } while (time() !== $second);
        self::assertStringStartsWith('text/calendar', (string) $response->headers->get('Content-Type'));
        $calendar = Reader::read((string) $response->getContent());
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate(), 'as the standard has it');
        $events = [];
        foreach ($calendar->getComponents() as $event) {
            $events[] = [
                (string) $event->SUMMARY,
                $event->DTSTART->getDateTime()->getTimestamp(),
                $event->DTEND->getDateTime()->getTimestamp(),
            ];
        }
        $titles = array_column($plan->pieces, 'title', 'id');
        $planned = [];
        foreach ($plan->works as $w) {
            $half = null === $w->half ? '' : ", $w->half";
            foreach ($w->stretches as $s) {
                $planned[] = [
                    $w->name.($w->coats > 1 ? ", $w->coat of $w->coats" : '').$half.': '.$titles[$w->piece],
                    strtotime($s->start),
                    strtotime($s->end),
                ];
            }
        }
        foreach ($plan->pieces as $p) {
            $planned[] = ["Ready: $p->title", strtotime($p->ready), strtotime($p->ready)];
        }
        sort($events);
        sort($planned);
        self::assertSame($planned, $events);
    }

    /** Heated, with a fan, with one more coat: heated, all are not ready later, one coat more is not sooner, and nonsense is refused. */
    public function testOtherAirAndOneMoreCoat(): void
    {
        $now = ['now' => '2026-11-30T07:30:00+01:00'];
        $ask = fn (array $more): \stdClass => $this->studio->json('POST', '/api/compute/days', ['context' => $now] + $more);
        $usual = $ask([]);
        $cupboard = $usual->pieces[0];
        self::assertLessThanOrEqual($usual->end, $ask(['heat' => 24])->end);
        $left = array_values(array_filter($usual->works, static fn (\stdClass $w): bool => $w->piece === $cupboard->id));
        $more = $ask(['coat' => ['run' => $cupboard->id, 'step' => $left[\count($left) - 1]->step]]);
        self::assertGreaterThan(\count($usual->works), \count($more->works));
        self::assertSame('/heat', $this->studio->json('POST', '/api/compute/days', ['heat' => 90], 422)->violations[0]->pointer);
    }

    public function testARunIsChangedAndPutAway(): void
    {
        $run = $this->put('stools', ['due' => '2027-02-18', 'notBefore' => '2026-12-01']);
        self::assertSame(['2027-02-18', '2026-12-01', null], [$run->due, $run->notBefore, $run->finishedAt]);
        $plan = $this->days(['now' => '2026-11-30T07:30:00+01:00']);
        self::assertGreaterThanOrEqual(
            '2026-12-01',
            min(
                '9999',
                ...array_values(array_map(
                    static fn (\stdClass $w): string => $w->stretches[0]->start,
                    array_filter($plan->works, static fn (\stdClass $w): bool => $w->piece === $run->id),
                )),
            ),
        );
        self::assertSame(0, $this->piece($plan, $run->id)->late);
        $changed = $this->studio->json(
            'PUT',
            "/api/runs/$run->id",
            ['version' => 1, 'place' => 'hall', 'due' => '2026-12-01', 'notBefore' => '2026-12-01'],
        );
        self::assertSame([2, 'hall'], [$changed->version, $changed->place]);
        self::assertGreaterThan(0, $this->piece($this->days(['now' => '2026-11-30T07:30:00+01:00']), $run->id)->late, 'not by then');
        $this->studio->json('PUT', "/api/runs/$run->id", ['version' => 1], 409);
        $finished = $this->studio->json('PUT', "/api/runs/$run->id", ['version' => 2, 'finished' => true]);
        self::assertNotNull($finished->finishedAt);
        self::assertNotContains($run->id, array_column($this->days([])->pieces, 'id'));
        self::assertContains($run->id, array_column($this->studio->json('GET', '/api/runs')->runs, 'id'));
        $this->studio->json('PUT', "/api/runs/$run->id", ['version' => 3, 'archived' => true]);
        self::assertNotContains($run->id, array_column($this->studio->json('GET', '/api/runs')->runs, 'id'));
        self::assertSame(
            ['/due'],
            array_column(
                $this->studio->json('POST', '/api/runs', ['recipe' => $this->studio->recipe()->id, 'due' => 'soon'], 422)->violations,
                'pointer',
            ),
        );
        $this->studio->json('POST', '/api/runs', ['recipe' => '01ARZ3NDEKTSV4RRFFQ69G5FAV'], 404);
    }

    private function clear(): void
    {
        foreach ($this->studio->json('GET', '/api/runs')->runs as $run) {
            $this->studio->json('PUT', "/api/runs/$run->id", ['version' => $run->version, 'archived' => true]);
        }
        $nothing = $this->days([]);
        self::assertSame([[], null, true], [$nothing->works, $nothing->end, $nothing->complete]);
    }

    /**
     * @param array<string, mixed> $more
     */
    private function put(string $recipe, array $more = []): \stdClass
    {
        return $this->studio->json('POST', '/api/runs', ['recipe' => $this->studio->recipe($recipe)->id] + $more, 201);
    }

    /**
     * @param array<string, mixed> $context
     */
    private function days(array $context): \stdClass
    {
        return $this->studio->json('POST', '/api/compute/days', ['context' => (object) $context]);
    }

    /**
     * @param list<mixed> $events
     */
    private function note(string $run, array $events): \stdClass
    {
        return $this->studio->json('POST', "/api/runs/$run/events", ['events' => $events]);
    }

    private function piece(\stdClass $plan, string $id): \stdClass
    {
        return array_column($plan->pieces, null, 'id')[$id];
    }

    /**
     * @return list<string>
     */
    private function steps(\stdClass $plan, string $run): array
    {
        return array_column(array_filter($plan->works, static fn (\stdClass $w): bool => $w->piece === $run), 'step');
    }

    private function assertOneAtATime(\stdClass $plan): void
    {
        $taken = [];
        foreach ($plan->works as $work) {
            foreach ($work->stretches as $stretch) {
                $taken[$work->hands][] = [$stretch->start, $stretch->end];
                self::assertSame(
                    0,
                    (int) (substr($stretch->start, 11, 5) < '08:00' || substr($stretch->end, 11, 5) > '17:00'),
                    "{$stretch->start} is out of hours",
                );
            }
        }
        foreach ($taken as $own) {
            sort($own);
            for ($i = 1; $i < \count($own); ++$i) {
                self::assertGreaterThanOrEqual($own[$i - 1][1], $own[$i][0]);
            }
        }
    }
}
