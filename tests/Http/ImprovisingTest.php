<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use PHPUnit\Framework\TestCase;

/**
 * What nobody planned: looked at before it is laid, done, told in the logbook, and taken into the recipe afterwards.
 */
final class ImprovisingTest extends TestCase
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
     * A glaze nobody planned, with a new material: worked out on the spot without being kept; kept it is the next thing to do, planned and
     * worked out; and it goes into the recipe as it became, with what it needs.
     */
    public function testAGlazeNobodyPlanned(): void
    {
        [$run, $recipe] = $this->begun();
        $event = self::improvised('g1', '09:00', $this->glaze($run->document), 's5');
        $tried = $this->studio->json('POST', "/api/runs/$run->id/try", ['event' => $event]);
        self::assertSame('Brown over it', $tried->step->name);
        self::assertGreaterThan(5, $tried->step->pour->need->ml);
        self::assertNotSame([], $tried->looks);
        $moved = array_map(static fn (\stdClass $z): float => $z->change->deltaE ?? 0.0, $tried->looks[0]->zones);
        self::assertGreaterThan(2.0, max([0.0, ...$moved]), 'it is seen');
        self::assertEquals($run->document, $this->studio->json('GET', "/api/runs/$run->id")->document, 'nothing is kept');

        $noted = $this->note($run->id, [$event]);
        self::assertSame([], $noted->refused);
        $ids = array_column($noted->run->document->steps, 'id');
        self::assertSame('i-g1', $ids[array_search('s5', $ids, true) - 1], 'before the step that was next');
        self::assertContains('i-g1', array_column($noted->run->acts, 'step'));
        self::assertSame([], $this->note($run->id, [$event])->refused, 'sent again it is the same');
        self::assertSame([], $this->note($run->id, [
            [
                'id' => 'g2',
                'at' => self::at('09:05'),
                'kind' => 'otherwise',
                'step' => 'i-g1',
                'does' => ['step' => ['share' => 0.3, 'hand' => 'light']],
            ],
            ['id' => 'g3', 'at' => self::at('09:06'), 'kind' => 'started', 'step' => 'i-g1'],
            ['id' => 'g4', 'at' => self::at('09:20'), 'kind' => 'finished', 'step' => 'i-g1'],
            ['id' => 'g5', 'at' => self::at('09:21'), 'kind' => 'colour', 'step' => 'i-g1', 'colour' => '#4a3020', 'zone' => 'recess'],
        ])->refused);
        $worked = $this->studio->json('GET', "/api/runs/$run->id/calculation")->preview->steps;
        $own = array_values(array_filter($worked, static fn (\stdClass $s): bool => 'i-g1' === $s->id))[0];
        self::assertLessThan(0.5 * $tried->step->area, $own->area, 'on a third');

        $late = $this->note($run->id, [
            ['id' => 'g6', 'at' => self::at('10:00'), 'kind' => 'otherwise', 'step' => 'i-g1', 'does' => ['step' => ['hand' => 'heavy']]],
            ['id' => 'g7', 'at' => self::at('10:00'), 'kind' => 'mix', 'step' => 'i-g1', 'of' => 's3'],
            ['id' => 'g8', 'at' => self::at('10:00'), 'kind' => 'improvised', 'does' => ['step' => ['technique' => 'brushed']]],
            ['id' => 'g9', 'at' => self::at('10:00'), 'kind' => 'improvised'],
        ])->refused;
        self::assertSame(['This step is done. What was done is not rewritten.', 'Missing: what is done.'], [$late[0]->why, $late[3]->why]);
        self::assertSame([0, 1, 2, 3], array_column($late, 'place'));

        $made = $this->studio->json('GET', "/api/runs/$run->id/report")->deviations;
        $words = array_column($made, 'words', 'key');
        self::assertStringContainsString('not planned, before', $words['changed-g1']);
        self::assertStringContainsString('on recesses', $words['colour-i-g1']);
        $body = ['deviations' => ['changed-g1'], 'version' => $recipe->version];
        $tried = $this->studio->json('POST', "/api/runs/$run->id/adopt", $body + ['try' => true]);
        self::assertSame($recipe->version, $tried->version);
        self::assertEquals($recipe->document, $this->studio->json('GET', "/api/recipes/$recipe->id")->document, 'only tried');
        $taken = $this->studio->json('POST', "/api/runs/$run->id/adopt", $body);
        self::assertEquals($tried->findings, $taken->findings);
        self::assertGreaterThan($recipe->version, $taken->version);
        $draft = $this->studio->json('GET', "/api/recipes/$recipe->id")->document;
        $steps = array_values(array_filter($draft->steps, static fn (\stdClass $s): bool => 'Brown over it' === ($s->title ?? '')));
        self::assertSame([0.3, 'light', 'new-brown'], [$steps[0]->share, $steps[0]->hand, $steps[0]->uses->material]);
        self::assertContains('new-brown', array_column($draft->materials, 'id'), 'with the material it needs');
    }

    /** Of several, each in its place, all at once; and what one buries is said before it is taken. */
    public function testTakenInOnePieceAndWhatItBuries(): void
    {
        [$run, $recipe] = $this->begun();
        $glaze = $this->glaze($run->document);
        $cover = $glaze;
        $cover['step'] = ['technique' => 'brushed', 'title' => 'All white again', 'intent' => ['purpose' => 'hide']] + $glaze['step'];
        $cover['step']['coats'] = 3;
        self::assertSame([], $this->note($run->id, [
            self::improvised('a1', '09:00', $glaze, 's5'),
            self::improvised('a2', '09:10', $cover, 's5'),
        ])->refused);
        $ids = array_column($this->studio->json('GET', "/api/runs/$run->id")->document->steps, 'id');
        $at = array_search('s5', $ids, true);
        self::assertSame(['i-a1', 'i-a2'], [$ids[$at - 2], $ids[$at - 1]]);
        $tried = $this->studio->json('POST', "/api/runs/$run->id/adopt", [
            'deviations' => ['changed-a1', 'changed-a2'],
            'version' => $recipe->version,
            'try' => true,
        ]);
        self::assertContains('step-lost', array_column($tried->findings, 'rule'), 'the coat buries the glaze below it');
        $this->studio->json(
            'POST',
            "/api/runs/$run->id/adopt",
            ['deviations' => ['changed-a1', 'changed-a2'], 'version' => $recipe->version],
        );
        $titles = array_map(
            static fn (\stdClass $s): string => $s->title ?? '',
            $this->studio->json('GET', "/api/recipes/$recipe->id")->document->steps,
        );
        $first = (int) array_search('Brown over it', $titles, true);
        self::assertSame('All white again', $titles[$first + 1]);
    }

    /** A touch-up of a tenth takes a tenth of the ml and what the brush keeps, shortens no effect and raises nothing. */
    public function testATouchUpOfATenth(): void
    {
        [$run] = $this->begun();
        $base = array_values(array_filter($run->document->steps, static fn (\stdClass $s): bool => 's3' === $s->id))[0];
        $step = ['title' => 'Touch up', 'coats' => 1] + (array) $base;
        unset($step['id'], $step['repeat']);
        $try = fn (array $more): \stdClass => $this->studio->json('POST', "/api/runs/$run->id/try", [
            'event' => self::improvised('t1', '09:00', ['step' => $more + $step], 's5'),
        ]);
        [$all, $tenth] = [$try([]), $try(['share' => 0.1])];
        $keeps = 8.0;
        self::assertEqualsWithDelta(
            ($all->step->pour->taken[0]->ml - $keeps) / 10 + $keeps,
            $tenth->step->pour->taken[0]->ml,
            0.3,
        );
        self::assertEqualsWithDelta($all->step->area / 10, $tenth->step->area, 0.001);
        self::assertSame([], $tenth->findings);
    }

    /**
     * @return array{\stdClass, \stdClass} a job whose first steps are done, and its recipe
     */
    private function begun(): array
    {
        $recipe = $this->studio->recipe('stools');
        $run = $this->studio->json('POST', '/api/runs', ['recipe' => $recipe->id], 201);
        $this->note($run->id, array_merge(...array_map(static fn (string $step): array => [
            ['id' => "$step-from", 'at' => self::at('08:00'), 'kind' => 'started', 'step' => $step],
            ['id' => "$step-to", 'at' => self::at('08:30'), 'kind' => 'finished', 'step' => $step],
        ], ['s1', 's2', 's3'])));

        return [$run, $recipe];
    }

    /**
     * @return array<string, mixed>
     */
    private function glaze(\stdClass $document): array
    {
        $paint = array_values(array_filter($document->materials, static fn (\stdClass $m): bool => 'paint' === $m->kind))[0];
        $brown = json_decode((string) json_encode($paint), false, 64, \JSON_THROW_ON_ERROR);
        \assert($brown instanceof \stdClass && $brown->look instanceof \stdClass);
        [$brown->id, $brown->name, $brown->look->colour] = ['new-brown', 'Brown from a jar', '#4a2f1c'];
        unset($brown->look->tint);

        return [
            'step' => [
                'technique' => 'glazed-wiped',
                'title' => 'Brown over it',
                'intent' => ['purpose' => 'pores'],
                'uses' => ['material' => 'new-brown'],
                'coats' => 1,
                'wait' => ['until' => 'recoat'],
            ],
            'materials' => [$brown],
        ];
    }

    /**
     * @param array<string, mixed> $does
     *
     * @return array<string, mixed>
     */
    private static function improvised(string $id, string $time, array $does, string $before): array
    {
        return ['id' => $id, 'at' => self::at($time), 'kind' => 'improvised', 'before' => $before, 'does' => $does];
    }

    private static function at(string $time): string
    {
        return "2026-11-24T$time:00+01:00";
    }

    /**
     * @param list<array<string, mixed>> $events
     */
    private function note(string $run, array $events): \stdClass
    {
        return $this->studio->json('POST', "/api/runs/$run/events", ['events' => $events]);
    }
}
