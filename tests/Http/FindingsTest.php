<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\Tests\Core\Findings\Flaws;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/**
 * Every rule from the outside: it fires, it is silent next door, and each of its remedies clears it and raises nothing worse.
 */
final class FindingsTest extends TestCase
{
    use Randomly;
    use SharesStudio;

    /** A shop day without surprises. */
    private const CONTEXT = ['now' => '2026-11-23T08:00:00+01:00', 'climate' => ['temperature' => 21, 'humidity' => 50, 'air' => 'still']];

    /**
     * @param array<mixed> $broken
     * @param array<mixed> $kept
     */
    #[DataProviderExternal(Flaws::class, 'rules')]
    public function testARuleFiresIsSilentNextDoorAndIsMended(string $rule, array $broken, array $kept): void
    {
        self::assertSame([], $this->of($rule, self::document($kept), self::context($kept)), 'silent next door');
        $document = self::document($broken);
        $found = $this->of($rule, $document, self::context($broken));
        self::assertNotEmpty($found, 'it fires');
        // A flame is put out: nothing of the step is changed for it, but that it is not sprayed.
        $isMinded = str_ends_with($found[0]->key, ':vapour') || \in_array(
            $rule,
            [
                'pot-too-short',
                'lead-untested',
                'not-tested',
                'air-unfit',
                'home-made-sheen',
                'pot-breaks',
                'target-missed',
                'layout-too-large',
                'lime-on-close-grain',
                'dry-plaster',
            ],
            true,
        );
        self::assertSame(
            !$isMinded,
            $found[0]->isMendable,
            'it can be mended, or only minded',
        );
        $tried = self::tried($found[0], $document, self::context($broken));
        $helpful = array_filter($tried, static fn (\stdClass $r): bool => 'helps' === $r->outcome);
        self::assertSame($found[0]->isMendable, [] !== $helpful, implode(' ', array_column($tried, 'why')));
        foreach ($helpful as $remedy) {
            self::assertNotEmpty($remedy->changes, 'and it is said what was changed');
            self::assertNotContains(
                $found[0]->key,
                array_map(static fn (\stdClass $f): string => $f->key, self::findings($remedy->document, self::context($broken))),
                $remedy->text,
            );
        }
    }

    /**
     * @param array<mixed> $recipe
     */
    #[DataProviderExternal(Flaws::class, 'sound')]
    public function testGoodWorkRaisesNoAlarm(array $recipe): void
    {
        $alarms = array_values(array_filter(
            self::findings(self::document($recipe)),
            static fn (\stdClass $f): bool => 'advise' !== $f->severity,
        ));
        self::assertSame([], array_map(static fn (\stdClass $f): string => $f->key.': '.$f->why, $alarms));
    }

    /**
     * Whatever is mended first, mending ends, and no stop that could be mended is left.
     */
    public function testMendingInAnyOrderEnds(): void
    {
        $flawed = [
            self::$studio->recipe('frame')->document,
            ...array_map(static fn (array $r): \stdClass => self::document($r[1]), array_values(iterator_to_array(Flaws::rules()))),
        ];
        $this->manyTimes(40, function () use ($flawed): void {
            $document = $flawed[$this->int(0, \count($flawed) - 1)];
            for ($round = 0; $round < 40; ++$round) {
                $offered = self::findings($document);
                for ($i = \count($offered) - 1; $i > 0; --$i) {
                    $k = $this->int(0, $i);
                    [$offered[$i], $offered[$k]] = [$offered[$k], $offered[$i]];
                }
                foreach ($offered as $finding) {
                    $helpful = self::helpful($finding, $document);
                    if ([] !== $helpful) {
                        $document = $helpful[$this->int(0, \count($helpful) - 1)]->document;
                        continue 2;
                    }
                }
                break;
            }
            self::assertLessThan(40, $round, 'mending ends');
            self::assertSame(
                [],
                array_filter(
                    self::findings($document),
                    static fn (\stdClass $f): bool => 'stop' === $f->severity && [] !== self::helpful($f, $document),
                ),
            );
        });
    }

    /**
     * Any steps with anything on the shelf, on any survey: it is judged, the gravest first, about steps that are there, and
     * every remedy either clears its finding or is refused in words.
     */
    public function testAnyRecipeIsJudged(): void
    {
        $vocabulary = self::$studio->json('GET', '/api/vocabulary');
        $materials = array_map(
            static fn (\stdClass $m): string => $m->material->id,
            self::$studio->json('GET', '/api/materials')->materials,
        );
        $this->manyTimes(25, function () use ($vocabulary, $materials): void {
            $pick = fn (array $of): mixed => $of[$this->int(0, \count($of) - 1)];
            $steps = array_map(function () use ($vocabulary, $materials, $pick): array {
                $technique = $pick($vocabulary->techniques);

                return [
                    $technique->key,
                    $technique->profile->takesMaterial ? $pick($materials) : null,
                    [
                        'coats' => $this->int(1, 3),
                        'wait' => $pick(['nothing', 'recoat', 'through', 'overnight']),
                        'purpose' => $pick(['hide', 'functional']),
                    ] + (str_contains($technique->key, 'sanded') ? ['grit' => $pick([80, 120, 180, 240, 320])] : []),
                ];
            }, range(1, $this->int(1, 9)));
            $document = self::document([
                'steps' => $steps,
                'joint' => $pick([0.2, 2.0]),
                'use' => ['place' => $pick(['dry', 'wet', 'covered', 'weather']), 'wear' => $pick(['light', 'daily', 'hard'])],
                'part' => [
                    'finish' => ['kind' => $pick(['bare', 'oiled', 'waxed', 'paint', 'unknown'])],
                    'substrate' => ['kind' => $pick(['solid', 'veneer', 'metal']), 'bleeds' => $pick([[], ['tannin'], ['resin', 'smoke']])],
                ],
            ]);
            $findings = self::findings($document);
            $rank = array_map(static fn (\stdClass $f): int => ['stop' => 0, 'warn' => 1, 'advise' => 2][$f->severity], $findings);
            $sorted = $rank;
            sort($sorted);
            self::assertSame($sorted, $rank, 'the gravest first');
            $keys = array_map(static fn (\stdClass $f): string => $f->key, $findings);
            self::assertSame(array_values(array_unique($keys)), $keys, 'each finding has its own key');
            $ids = array_map(static fn (\stdClass $s): string => $s->id, $document->steps);
            foreach ($findings as $finding) {
                self::assertSame([], array_diff($finding->steps, $ids), $finding->why);
                foreach (self::tried($finding, $document) as $remedy) {
                    if ('helps' === $remedy->outcome) {
                        self::assertNotContains(
                            $finding->key,
                            array_map(static fn (\stdClass $f): string => $f->key, self::findings($remedy->document)),
                        );
                    } else {
                        self::assertContains($remedy->outcome, ['lacks', 'stays', 'worse']);
                        self::assertNotSame('', $remedy->why);
                    }
                }
            }
        });
    }

    public function testTheFlawedDemoShowsEightAndTheOthersAreSound(): void
    {
        $rules = array_unique(array_map(
            static fn (\stdClass $f): string => $f->rule,
            self::findings(self::$studio->recipe('frame')->document),
        ));
        self::assertGreaterThanOrEqual(8, \count($rules));
        foreach (['ticket', 'stools', 'settle', 'clock', 'counter'] as $which) {
            $alarms = array_filter(
                self::findings(self::$studio->recipe($which)->document),
                static fn (\stdClass $f): bool => 'advise' !== $f->severity,
            );
            self::assertSame([], array_map(static fn (\stdClass $f): string => $f->key, $alarms), $which);
        }
    }

    public function testAFindingIsAcceptedWithAReasonAndKeptInTheRevision(): void
    {
        $recipe = self::$studio->recipe('frame');
        $finding = self::findings($recipe->document)[0];
        $recipe->document->accepted = [(object) ['finding' => $finding->key, 'reason' => 'A test piece, it may peel']];
        $after = self::findings($recipe->document);
        self::assertSame('A test piece, it may peel', $after[0]->accepted);
        $saved = self::$studio->json(
            'PUT',
            "/api/recipes/$recipe->id/draft",
            ['version' => $recipe->version, 'document' => $recipe->document],
        );
        self::$studio->json('POST', "/api/recipes/$recipe->id/revisions", ['version' => $saved->version, 'reason' => 'Kept so'], 201);
        self::assertSame(
            'A test piece, it may peel',
            self::$studio->json('GET', "/api/recipes/$recipe->id/revisions/2")->document->accepted[0]->reason,
        );
        self::assertStringContainsString(
            'now “A test piece, it may peel”',
            self::$studio->json('GET', "/api/recipes/$recipe->id/compare?from=1&to=2")->changes[0]->text,
        );
        $recipe->document->accepted[0]->reason = ' ';
        self::assertSame(
            '/document/accepted/0/reason',
            self::$studio->json('POST', '/api/preview', ['document' => $recipe->document], 422)->violations[0]->pointer,
        );
    }

    public function testAFindingThatIsGoneHasNoRemedies(): void
    {
        $document = self::$studio->recipe('frame')->document;
        $body = ['document' => $document, 'finding' => 'nonsense'];
        self::assertSame('/finding', self::$studio->json('POST', '/api/compute/remedies', $body, 422)->violations[0]->pointer);
    }

    /**
     * Paint holds better on scuffed paint, but paint of unknown age is not sanded dry.
     */
    public function testARemedyThatWouldRaiseSomethingWorseIsRefused(): void
    {
        $document = self::document([
            'steps' => [['cleaned', 'degreaser'], ['rinsed', 'water'], ['brushed', 'signal-cream']],
            'part' => ['finish' => ['kind' => 'paint']],
        ]);
        $found = $this->of('nothing-to-hold-on', $document)[0];
        $tried = array_column(self::tried($found, $document), null, 'key');
        self::assertSame('worse', $tried['scuff']->outcome);
        self::assertStringContainsString('t been tested for lead', $tried['scuff']->why);
    }

    /**
     * A blocker would mend the bleeding, but the day on which the piece is in use would then come before it is even dry: what was to be
     * minded would be a stop.
     */
    public function testARemedyThatMakesAnotherFindingGraverIsRefused(): void
    {
        $late = ['now' => '2026-11-23T15:40:00+01:00'] + self::CONTEXT;
        $document = self::document([
            'steps' => [['brushed', 'signal-cream']],
            'part' => ['substrate' => ['species' => 'oak', 'bleeds' => ['tannin']]],
            'use' => ['from' => '2026-11-23'],
        ]);
        $said = static fn (): array => array_column(
            array_map(static fn (\stdClass $f): array => [$f->rule, $f->severity], self::findings($document, $late)),
            1,
            0,
        );
        $document->piece->use->from = substr(
            self::$studio->json('POST', '/api/preview', ['document' => $document, 'context' => $late])->preview->plan->readyOn,
            0,
            10,
        );
        self::assertSame(['warn', 'warn'], [$said()['bleeding'], $said()['used-before-cure']]);
        $tried = array_column(self::tried($this->of('bleeding', $document, $late)[0], $document, $late), null, 'key');
        self::assertSame('worse', $tried['block']->outcome);
        self::assertStringContainsString('through-dry only on', $tried['block']->why);
    }

    /**
     * Vapour is minded where mist is a stop: there is nothing to change in the recipe, only the flame to put out.
     */
    public function testVapourNearAFlameIsMinded(): void
    {
        $document = self::document(['steps' => [['brushed', 'shellac']]]);
        self::assertSame([], $this->of('near-flame', $document));
        $found = $this->of('near-flame', $document, ['flame' => true] + self::CONTEXT);
        self::assertSame(['warn', false], [$found[0]->severity, $found[0]->isMendable]);
        self::assertStringContainsString('Follow the label, the safety data sheet and local rules', $found[0]->why);
    }

    /**
     * Chlorine bleach and an acid in one recipe: a rinse between does not make the rags and the drain safe.
     */
    public function testChlorineAndAcidNeverMeetEvenInTheCleanUp(): void
    {
        $document = self::document(['steps' => [
            ['bleached', 'two-part-bleach'],
            ['rinsed', 'water', ['coats' => 3]],
            ['neutralised', 'vinegar-rinse'],
        ]]);
        self::assertSame([], $this->of('never-meet', $document));
        $document->materials = array_map(static function (\stdClass $m): \stdClass {
            $m->hazards = 'two-part-bleach' === $m->id ? ['chlorine'] : $m->hazards;

            return $m;
        }, $document->materials);
        $said = fn (): string => implode(
            '',
            array_map(static fn (\stdClass $f): string => "$f->severity: $f->why", $this->of('never-meet', $document)),
        );
        self::assertStringContainsString('Keep their pots, rags and rinse water apart', $said());
        $document->steps[1]->technique = 'dusted';
        unset($document->steps[1]->uses);
        self::assertMatchesRegularExpression('/^stop: .* meets residue from/', $said());
    }

    /**
     * What a remedy needs and the shelf has not is said, and nothing is changed.
     */
    public function testAnEmptyShelfIsSaid(): void
    {
        $studio = Studio::open();
        foreach (['stain-blocking-primer', 'stain-blocking-primer-water'] as $id) {
            $studio->json('POST', "/api/materials/$id/archive");
        }
        $tried = $studio->json(
            'POST',
            '/api/compute/remedies',
            ['document' => $studio->recipe('frame')->document, 'finding' => 'bleeding:s4'],
        )->remedies;
        self::assertSame(['block', 'lacks'], [$tried[0]->key, $tried[0]->outcome]);
        self::assertStringContainsString('Nothing on the shelf fits: a primer', $tried[0]->why);
        $studio->close();
    }

    /**
     * @param array<string, mixed> $context
     *
     * @return list<\stdClass> the remedies of a finding, tried
     */
    private static function tried(\stdClass $finding, \stdClass $document, array $context = self::CONTEXT): array
    {
        $body = ['document' => $document, 'context' => $context, 'finding' => $finding->key];

        return !$finding->isMendable ? [] : self::$studio->json('POST', '/api/compute/remedies', $body)->remedies;
    }

    /**
     * @return list<\stdClass>
     */
    private static function helpful(\stdClass $finding, \stdClass $document): array
    {
        return array_values(array_filter(self::tried($finding, $document), static fn (\stdClass $r): bool => 'helps' === $r->outcome));
    }

    /**
     * @param array<string, mixed> $context
     *
     * @return list<\stdClass>
     */
    private static function findings(\stdClass $document, array $context = self::CONTEXT): array
    {
        return self::$studio->json('POST', '/api/preview', ['document' => $document, 'context' => $context])->preview->findings;
    }

    /**
     * @param array<mixed> $recipe
     *
     * @return array<string, mixed>
     */
    private static function context(array $recipe): array
    {
        return array_intersect_key($recipe, ['climate' => 1, 'flame' => 1]) + self::CONTEXT;
    }

    /**
     * @param array<string, mixed> $context
     *
     * @return list<\stdClass>
     */
    private function of(string $rule, \stdClass $document, array $context = self::CONTEXT): array
    {
        return array_values(array_filter(self::findings($document, $context), static fn (\stdClass $f): bool => $rule === $f->rule));
    }

    /**
     * @param array<mixed> $recipe
     */
    private static function document(array $recipe): \stdClass
    {
        return self::$given->document($recipe);
    }
}
