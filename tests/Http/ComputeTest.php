<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\App\Exchange\Json;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\ColourDifference;
use Inlaid\Core\Colour\Lab;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The small stateless computations, against numbers reckoned by hand, and the places they name when something is wrong.
 */
final class ComputeTest extends TestCase
{
    private static Studio $studio;

    public static function setUpBeforeClass(): void
    {
        self::$studio = Studio::open();
    }

    public static function tearDownAfterClass(): void
    {
        self::$studio->close();
    }

    /**
     * 2 scoops of milk paint (0.72 g/ml scooped, 2.1 true) to 3 of water: 1.44 g fill 0.685714 ml, so 5 scoops give 3.685714
     * ml. For 200 ml: 108.527 ml of powder as scooped, which weigh 78.140 g, and 162.791 ml of water.
     */
    public function testPowderIsScoopedWeighedAndFillsLess(): void
    {
        $worked = $this->compute('mix', $this->asked('stools', ['mix' => 'ochre']) + ['amount' => '200 ml']);
        [$water, $powder] = $worked->exact->lines;
        self::assertEqualsWithDelta(108.5271, $powder->amount->ml, 1e-3);
        self::assertEqualsWithDelta(78.140, $powder->amount->g, 1e-3);
        self::assertEqualsWithDelta(162.7907, $water->amount->ml, 1e-3);
        self::assertEqualsWithDelta(200.0, $powder->volume + $water->volume, 1e-6);
        self::assertSame('200', $worked->exact->yield->exact);
        self::assertSame(1.5, $worked->thinning, 'three scoops of water to two of powder');
        self::assertSame(480, $worked->potLife);
    }

    /**
     * All there is of the powder, by mass or by volume as scooped: 78.14 g are 108.53 ml, and both make the same 200 ml.
     */
    public function testAllThereIsByMassOrByVolume(): void
    {
        $asked = $this->asked('stools', ['mix' => 'ochre']);
        foreach (['78.139534884 g', '108.52713178 ml'] as $have) {
            $worked = $this->compute('mix', $asked + ['allOf' => ['material' => 'halt-ochre', 'have' => $have]]);
            self::assertEqualsWithDelta(200.0, $worked->exact->yield->ml, 1e-5, $have);
        }
    }

    /**
     * A glaze of 5 medium to 1 colour, the colour being 4 black, 2 grey, 1 red: of 126 ml, 105 are medium and 12, 6, 3 colour.
     */
    public function testAMixInAMixIsTakenApart(): void
    {
        $worked = $this->compute('mix', $this->asked('cupboard', ['mix' => 'glaze']) + ['amount' => '126 ml']);
        self::assertSame(['105', '12', '6', '3'], array_map(static fn (\stdClass $l): string => $l->amount->exact, $worked->exact->lines));
    }

    /**
     * On a scale of half a gram every line is whole half grams, within the tolerance, and no less than the need.
     */
    public function testABatchOnTheScale(): void
    {
        $scale = ['measures' => [['name' => 'scale', 'dimension' => 'mass', 'step' => '1/2', 'capacity' => '1000']], 'tolerance' => '0.01'];
        $batch = $this->compute('measures', $this->asked('stools', ['mix' => 'ochre']) + ['need' => '90 ml', 'context' => $scale])->batch;
        self::assertGreaterThanOrEqual(90.0, $batch->yield->ml);
        self::assertLessThan(91.0, $batch->yield->ml);
        self::assertLessThanOrEqual(0.01, $batch->error);
        foreach ($batch->lines as $line) {
            self::assertEqualsWithDelta(round($line->amount->g * 2) / 2, $line->amount->g, 1e-3);
            self::assertStringContainsString(' g on the scale', $line->how);
        }
        self::assertNull(
            $this->compute(
                'measures',
                $this->asked('stools', ['mix' => 'ochre']) + ['need' => '90 ml', 'context' => ['measures' => []] + $scale],
            )->batch,
            'with nothing to measure with',
        );
    }

    /**
     * A tray of 100 × 80 mm below and 120 × 100 above, 50 high: 500 ml would be 49.74 mm; 80 ml of paint stand 9.80 mm high.
     * Frustum: V(h) = h·(8000 + 1800·t + 400·t²/3)/1000 with t = h/50.
     */
    public function testMarksInATray(): void
    {
        $tray = [
            'name' => 'Tray',
            'shape' => 'tray',
            'bottom' => 100,
            'bottomWidth' => 80,
            'top' => 120,
            'topWidth' => 100,
            'height' => 50,
        ];
        $marks = $this->compute(
            'marks',
            [
                'cup' => $tray,
                'pours' => [
                    ['name' => 'Paint', 'volume' => 80],
                    ['name' => 'Water', 'volume' => 120],
                    ['name' => 'Too much', 'volume' => 400],
                ],
            ],
        )->marks;
        foreach ([80.0, 200.0] as $i => $volume) {
            $h = $marks[$i]->height;
            self::assertEqualsWithDelta($volume, $h * (8000 + 1800 * $h / 50 + 400 * ($h / 50) ** 2 / 3) / 1000, 1e-6);
        }
        self::assertNull($marks[2]->height, 'it would overflow');
        self::assertSame(600.0, (float) $marks[2]->upTo);
    }

    /**
     * Platform Slate (12 m²/L, 38 % solids) 1:2, sprayed: the technique's wet film, no wiping; its loss is overspray.
     */
    public function testFilmAndNeedFollowTechniqueWeightAndWiping(): void
    {
        $asked = $this->asked('ticket', ['mix' => 'wash']) + ['area' => 2.0, 'coats' => 1];
        $film = fn (array $more): \stdClass => $this->compute('film', $more + $asked);
        $brushed = $film(['technique' => 'brushed']);
        self::assertEqualsWithDelta(1000 / 12, $brushed->film->wet, 1e-9);
        self::assertEqualsWithDelta(1000 / 12 * 0.38 / 3, $brushed->film->dry, 1e-9);
        self::assertEqualsWithDelta(2 * 1000 / 12 / 0.95 + 8, $brushed->needs[0]->taken, 1e-9);
        self::assertEqualsWithDelta(0.7 * $brushed->film->wet, $film(['technique' => 'brushed', 'weight' => 'thin'])->film->wet, 1e-9);
        self::assertEqualsWithDelta(0.2 * $brushed->film->dry, $film(['technique' => 'brushed', 'left' => 0.2])->film->dry, 1e-9);
        self::assertEqualsWithDelta(
            1.4 * $brushed->needs[0]->laid,
            $film(['technique' => 'brushed', 'absorption' => 1.4])->needs[0]->laid,
            1e-9,
        );
        self::assertGreaterThan(
            $brushed->needs[0]->taken * $film(['technique' => 'sprayed'])->film->wet / $brushed->film->wet,
            $film(['technique' => 'sprayed'])->needs[0]->taken,
            'the gun loses more than the brush',
        );
        $water = $this->compute('film', ['of' => ['material' => 'water'], 'technique' => 'brushed'] + $asked);
        self::assertSame([null, []], [$water->film, $water->needs]);
    }

    /**
     * At 12 °C and 70 % a normal coat takes 2.953507 times as long (reckoned apart): recoat after 120 × 2.9535 = 355 min; the
     * cure doubles for every ten degrees: 30240 × 2^0.9.
     */
    public function testDryingInOtherAir(): void
    {
        $dry = fn (array $air, array $more = []): \stdClass => $this->compute(
            'drying',
            $more + $this->asked('ticket', ['mix' => 'wash']) + ['context' => ['climate' => $air]],
        )->drying;
        $cold = $dry(['temperature' => 12, 'humidity' => 70, 'air' => 'still']);
        self::assertSame([355, 355, 120], [$cold->recoat->predicted, $cold->recoat->planned, $cold->recoat->stated]);
        self::assertSame((int) ceil(30240 * 2 ** 0.9), $cold->cure->planned);
        $warm = $dry(['temperature' => 26, 'humidity' => 40, 'air' => 'fan']);
        self::assertSame(120, $warm->recoat->planned, 'never before the label');
        self::assertLessThan(120, $warm->recoat->predicted);
        self::assertLessThan(8, $warm->openTime->planned, 'but less time to wipe');
        $thick = $dry(['temperature' => 21, 'humidity' => 50, 'air' => 'still'], ['ofNormal' => 1.4]);
        self::assertSame((int) ceil(120 * 1.4 ** 1.5), $thick->recoat->predicted);
        self::assertNotNull($dry(['temperature' => 5, 'humidity' => 50, 'air' => 'still'])->noPromise);
        self::assertNull($this->compute('drying', ['of' => ['material' => 'water']] + $this->asked('ticket', []))->drying);
    }

    public function testWaterAndOilInOnePotAreStoppedAtTheMixingBench(): void
    {
        $shelf = array_column(
            array_map(
                static fn (\stdClass $m): array => [$m->material->id, $m->material],
                self::$studio->json('GET', '/api/materials')->materials,
            ),
            1,
            0,
        );
        $with = fn (string $thinner): \stdClass => $this->compute(
            'mix',
            [
                'materials' => [$shelf['tea-brown-stain'], $shelf[$thinner]],
                'mixes' => [[
                    'id' => 'm',
                    'name' => 'Thinning',
                    'basis' => 'volume',
                    'parts' => [
                        ['share' => '3', 'of' => ['material' => 'tea-brown-stain']],
                        ['share' => '1', 'of' => ['material' => $thinner]],
                    ],
                ]],
                'of' => ['mix' => 'm'],
                'amount' => '100 ml',
            ],
        );
        self::assertSame('stop', $with('water')->remarks[0]->severity);
        self::assertSame([], array_filter($with('mineral-spirit')->remarks, static fn (\stdClass $r): bool => 'stop' === $r->severity));
    }

    /**
     * @return iterable<string, array{string, array<string, mixed>, string, string}>
     */
    public static function nonsense(): iterable
    {
        yield 'no amount' => ['mix', ['amount' => ''], '/amount', 'Required'];
        yield 'nothing' => ['mix', ['amount' => '0 ml'], '/amount', 'above 0'];
        yield 'less than nothing' => ['mix', ['amount' => '-4 ml'], '/amount', 'negative'];
        yield 'a mass of a mix' => ['mix', ['amount' => '40 g'], '/amount', 'must be a volume'];
        yield 'all of what is not in it' => ['mix', ['allOf' => ['material' => 'fog', 'have' => '4 ml']], '/allOf/have', 'no fog'];
        yield 'both a mix and a material' => [
            'mix',
            ['of' => ['mix' => 'wash', 'material' => 'water'], 'amount' => '4 ml'],
            '/of',
            'either',
        ];
        yield 'a mix that is not there' => ['mix', ['of' => ['mix' => 'moon'], 'amount' => '4 ml'], '/of/mix', 'no mix “moon”'];
        yield 'a field nobody knows' => ['mix', ['amount' => '4 ml', 'colour' => 'red'], '/colour', 'Unknown field'];
        yield 'no need' => ['measures', ['need' => '0 ml'], '/need', 'above 0'];
        yield 'a negative pour' => [
            'marks',
            [
                'cup' => ['name' => 'Cup', 'shape' => 'round', 'bottom' => 60, 'top' => 60, 'height' => 90],
                'pours' => [['name' => 'a', 'volume' => -1]],
            ],
            '/pours/0/volume',
            'negative',
        ];
        yield 'a bucket as high as a house' => [
            'marks',
            ['cup' => ['name' => 'Cup', 'shape' => 'round', 'bottom' => 60, 'top' => 60, 'height' => 9000], 'pours' => []],
            '/cup/height',
            'up to 2000 mm',
        ];
        yield 'Unknown technique' => [
            'film',
            ['technique' => 'flung', 'area' => 1, 'coats' => 1],
            '/technique',
            'Unknown technique “flung”',
        ];
        yield 'more left than laid' => [
            'film',
            ['technique' => 'brushed', 'area' => 1, 'coats' => 1, 'left' => 2],
            '/left',
            'Enter 0 to 1',
        ];
        yield 'a field of a square kilometre' => [
            'film',
            ['technique' => 'brushed', 'area' => 1e6, 'coats' => 1],
            '/area',
            'Enter 0.0001 to 1000',
        ];
        yield 'half a coat' => ['film', ['technique' => 'brushed', 'area' => 1, 'coats' => 0.5], '/coats', 'whole number'];
        yield 'a film of the moon' => ['drying', ['ofNormal' => 99], '/ofNormal', 'Enter 0 to 10'];
        yield 'air nobody breathes' => [
            'drying',
            ['context' => ['climate' => ['temperature' => 20, 'humidity' => 300, 'air' => 'still']]],
            '/context/climate',
            'from 1 to 100',
        ];
        yield 'no finding' => ['remedies', ['finding' => ''], '/finding', 'Required'];
        yield 'a finding in a number' => ['remedies', ['finding' => 4], '/finding', 'text'];
        yield 'a remedy in air nobody breathes' => [
            'remedies',
            [
                'finding' => 'dust-left:s1',
                'context' => ['climate' => ['temperature' => 20, 'humidity' => 300, 'air' => 'still']],
            ],
            '/context/climate',
            'from 1 to 100',
        ];
        yield 'a preparation that is no list' => ['prep', ['take' => 'all'], '/take', 'list'];
        yield 'a preparation of numbers' => ['prep', ['take' => [7]], '/take/0', 'text'];
        yield 'a preparation with more' => ['prep', ['take' => ['80-dusted'], 'now' => true], '/now', 'Unknown field'];
        yield 'no names' => ['ratio', ['text' => '1:3', 'names' => []], '/names', 'Name the ingredients'];
        yield 'no ratio' => ['ratio', ['text' => 'quite a lot', 'names' => ['a', 'b']], '/text', 't a ratio'];
    }

    /**
     * @param array<string, mixed> $body
     */
    #[DataProvider('nonsense')]
    public function testNonsenseIsAnsweredAtItsPlace(string $what, array $body, string $pointer, string $says): void
    {
        $body += match ($what) {
            'marks', 'ratio' => [],
            'remedies', 'prep' => ['document' => self::$studio->recipe()->document],
            default => $this->asked('ticket', ['mix' => 'wash']),
        };
        $messages = array_column(self::$studio->json('POST', "/api/compute/$what", $body, 422)->violations, 'message', 'pointer');
        self::assertArrayHasKey($pointer, $messages, Json::encode($messages));
        self::assertStringContainsString($says, $messages[$pointer]);
    }

    /**
     * @param array<string, string> $of
     *
     * @return array<string, mixed>
     */
    private function asked(string $recipe, array $of): array
    {
        $document = self::$studio->recipe($recipe)->document;

        return ['materials' => $document->materials, 'mixes' => $document->mixes, 'of' => $of];
    }

    /**
     * @param array<string, mixed> $body
     */
    private function compute(string $what, array $body): \stdClass
    {
        return self::$studio->json('POST', "/api/compute/$what", $body);
    }

    /**
     * The thinning nearest a target: of every rung the recipe laid so ends as was said; none is nearer by more than half a ΔE than the one
     * that is proposed, and none as near has fewer coats.
     */
    public function testTheThinningIsFound(): void
    {
        $document = self::$studio->recipe('rack')->document;
        $target = '#93a09f';
        $solved = self::$studio->json(
            'POST',
            '/api/compute/mix-for-colour',
            ['document' => $document, 'step' => 's4', 'target' => $target],
        );
        self::assertCount(60, $solved->rungs);
        $nearest = min([99.0, ...array_column($solved->rungs, 'deltaE')]);
        self::assertLessThanOrEqual($nearest + 0.5, $solved->best->deltaE);
        foreach ($solved->rungs as $rung) {
            self::assertTrue(
                $rung->deltaE > $nearest + 0.5 || [$rung->coats, $rung->ratio] >= [$solved->best->coats, $solved->best->ratio],
            );
        }
        foreach ([$solved->best, $solved->rungs[7], $solved->rungs[59]] as $rung) {
            $taken = Json::copy($document);
            foreach ($taken->mixes[0]->parts as $k => $part) {
                $part->share = $rung->shares[$k];
            }
            unset($taken->mixes[0]->written);
            $taken->steps[3]->coats = $rung->coats;
            $stacks = self::$studio->json('POST', '/api/preview', ['document' => $taken])->preview->stacks;
            $stack = array_values(array_filter($stacks, static fn (\stdClass $s): bool => \in_array($solved->part, $s->parts, true)))[0];
            self::assertSame($rung->colour, $stack->look->after[\count($stack->look->after) - 1]->zones[0]->colour);
        }
        self::assertSame(
            '/step',
            self::$studio->json(
                'POST',
                '/api/compute/mix-for-colour',
                ['document' => $document, 'step' => 's3', 'target' => $target],
                422,
            )->violations[0]->pointer,
            'there is no mix of several',
        );
        self::assertSame(
            '/target',
            self::$studio->json(
                'POST',
                '/api/compute/mix-for-colour',
                ['document' => $document, 'step' => 's4', 'target' => 'sky'],
                422,
            )->violations[0]->pointer,
        );
    }

    /**
     * Two-ended mixes of every kind, each against every rung tried out by itself as a recipe: dark wax cut with clear, a stain lightened,
     * two stains on this wood and on the repair in it, a primer tinted, a few drops of black in white.
     *
     * @param array<string, int> $parts
     */
    #[DataProvider('mixes')]
    public function testAnyTwoEndedMixIsFound(string $technique, array $parts, string $target, ?string $place = null): void
    {
        $document = self::mixed($technique, $parts);
        $body = ['document' => $document, 'step' => 's', 'target' => $target, 'vary' => 1] + (null === $place ? [] : ['place' => $place]);
        $solved = self::$studio->json('POST', '/api/compute/mix-for-colour', $body);
        self::assertTrue($solved->complete);
        $ends = [];
        foreach ($solved->rungs as $rung) {
            $taken = Json::copy($document);
            foreach ($taken->mixes[0]->parts as $k => $part) {
                $part->share = $rung->shares[$k];
            }
            $taken->steps[0]->coats = $rung->coats;
            $stacks = self::$studio->json('POST', '/api/preview', ['document' => $taken])->preview->stacks;
            $stack = array_values(
                array_filter($stacks, static fn (\stdClass $s): bool => \in_array($place ?? 'p:whole', $s->places, true)),
            )[0];
            $ends[] = [$rung, $stack->look->after[1]->zones[0]->colour];
        }
        foreach ($ends as [$rung, $colour]) {
            self::assertSame($colour, $rung->colour, $rung->said);
        }
        $deltas = array_map(
            static fn (array $e): float => ColourDifference::between(Colour::of($e[1]), Colour::of($target))->deltaE,
            $ends,
        );
        self::assertLessThanOrEqual(min([99.0, ...$deltas]) + 0.75, $solved->best->deltaE, 'of a colour rounded to a code');
        self::assertNotContains($solved->best->ratio, [$solved->rungs[0]->ratio, end($solved->rungs)->ratio], 'neither end is the best');
    }

    /**
     * @return iterable<string, array{0: string, 1: array<string, int>, 2: string, 3?: string}>
     */
    public static function mixes(): iterable
    {
        yield 'dark wax cut with clear' => ['waxed', ['dark-wax' => 1, 'clear-wax' => 1], '#c2aa84'];
        yield 'an oil stain lightened' => ['stained-wiped', ['oil-stain' => 1, 'mineral-spirit' => 1], '#c0a078'];
        yield 'two stains on this wood' => ['stained-wiped', ['tea-brown-stain' => 1, 'rain-grey-stain' => 1], '#82705a'];
        yield 'two stains on the repair' => [
            'stained-wiped',
            ['tea-brown-stain' => 1, 'rain-grey-stain' => 1],
            '#806a50',
            'p:whole.repair',
        ];
        yield 'a tinted primer' => ['brushed', ['stain-blocking-primer-water' => 10, 'lamp-soot' => 1], '#c4c2bc'];
        yield 'a few drops of black in white' => ['brushed', ['signal-cream' => 50, 'lamp-soot' => 1], '#bdb7a9'];
    }

    /** A few drops of black make a grey of white, as typical pigments do: one part in fifty is a light grey, one in ten a middle one. */
    public function testAFewDropsOfBlackMakeGrey(): void
    {
        $light = static function (int $white): float {
            $stacks = self::$studio->json('POST', '/api/preview', [
                'document' => self::mixed('brushed', ['signal-cream' => $white, 'lamp-soot' => 1], 4),
            ])->preview->stacks;

            return Lab::of(Colour::of($stacks[0]->look->after[1]->zones[0]->colour))->l;
        };
        [$fifty, $ten] = [$light(50), $light(10)];
        self::assertGreaterThan(68, $fifty);
        self::assertLessThan(84, $fifty);
        self::assertGreaterThan(48, $ten);
        self::assertLessThan(66, $ten);
    }

    /**
     * @param array<string, int> $parts
     */
    private static function mixed(string $technique, array $parts, int $coats = 1): \stdClass
    {
        $shelf = array_column(array_map(
            static fn (\stdClass $m): \stdClass => $m->material,
            self::$studio->json('GET', '/api/materials')->materials,
        ), null, 'id');
        $materials = array_map(
            static fn (string $id): \stdClass => Json::copy($shelf[$id] ?? throw new \LogicException("No $id.")),
            array_keys($parts),
        );
        foreach ($materials as $material) {
            unset($material->look->tint); // as of most paints, nobody knows it
        }

        return Json::object(Json::encode([
            'format' => 'inlaid-recipe',
            'version' => 4,
            'title' => 'Mixed',
            'piece' => ['name' => 'Board', 'parts' => [[
                'id' => 'p',
                'name' => 'Board',
                'area' => 1.0,
                'substrate' => ['kind' => 'solid', 'species' => 'ash', 'grain' => 'open', 'colour' => '#dcc8a2'],
                'fields' => [['id' => 'repair', 'name' => 'Filler', 'share' => 0.05, 'colour' => '#c9a877', 'drinks' => 1.0]],
            ]]],
            'materials' => $materials,
            'mixes' => [[
                'id' => 'm',
                'name' => 'Mix',
                'basis' => 'volume',
                'parts' => array_map(
                    static fn (string $id, int $share): array => ['share' => (string) $share, 'of' => ['material' => $id]],
                    array_keys($parts),
                    array_values($parts),
                ),
            ]],
            'steps' => [[
                'id' => 's',
                'technique' => $technique,
                'intent' => ['purpose' => 'hide'],
                'uses' => ['mix' => 'm'],
                'coats' => $coats,
                'wait' => ['until' => 'recoat'],
            ]],
        ]));
    }

    /**
     * Lines round the door of a cupboard: they decide how much of it is covered, and so what is poured and taped; sheets are cut of as few
     * as there can be, and papered over.
     */
    public function testWhatIsLaidOutIsPouredTapedAndCut(): void
    {
        $given = GivenDocuments::of(self::$studio);
        $panel = [
            'shape' => ['kind' => 'door', 'size' => ['length' => 600, 'width' => 400, 'thickness' => 20], 'faces' => ['face']],
            'area' => null,
        ];
        $work = static fn (array $step): \stdClass => self::$studio->json(
            'POST',
            '/api/preview',
            ['document' => $given->document(['steps' => [$step], 'part' => $panel])],
        )->preview;
        $border = ['kind' => 'border', 'lines' => [['in' => 20.0, 'width' => 6.0]]];
        $lined = $work(['striped', 'signal-cream', ['layout' => $border]]);
        // Two panels of 600 × 400: 4.54 % of 0.48 m², 83.3 µm, a fifth more into bare wood, 15 % lost, 2 ml kept in the brush; 2 × 3.632 m
        // of tape.
        self::assertEqualsWithDelta(10896 / 240000, $lined->steps[0]->layout->covers, 1e-6);
        self::assertEqualsWithDelta(1.2 * 0.48 * 10896 / 240000 * 1000 / 12 / 0.85 + 2, $lined->steps[0]->pour->need->ml, 0.05);
        self::assertSame(
            ['7.26', ['8 m of masking tape']],
            [
                \sprintf('%.2F', $lined->steps[0]->layout->tape),
                array_map(static fn (\stdClass $c): string => "$c->count $c->unit of $c->name", $lined->consumables),
            ],
        );
        $fine = ['kind' => 'border', 'lines' => [['in' => 20.0, 'width' => 2.0]]];
        $line = $work(['striped', 'signal-cream', ['layout' => $fine]])->stacks[0]->layers[0];
        self::assertSame($line->laid, $line->thickness, 'however little it covers, it is no speck');
        self::assertEqualsWithDelta(
            10896 / 240000,
            $lined->stacks[0]->look->after[1]->zones[0]->shares[0],
            1e-5,
            'and so much of the flat is cream',
        );
        $papered = $work([
            'papered',
            'glazing-medium',
            ['layout' => [
                'kind' => 'sheets',
                'length' => 700.0,
                'width' => 500.0,
                'lap' => 4.0,
                'run' => 'along',
                'seams' => 'balanced',
                'thickness' => 120.0,
                'colour' => '#d9c7a0',
            ]],
        ]);
        self::assertSame(
            [2, '2 × sheet of paper or leaf'],
            [$papered->steps[0]->layout->sheets->sheets, $papered->consumables[0]->count.' × '.$papered->consumables[0]->name],
        );
        self::assertSame('#d9c7a0', $papered->stacks[0]->look->after[1]->zones[0]->colour, 'paper is what it is');
        self::assertGreaterThan(120.0, $papered->stacks[0]->layers[0]->laid, 'and builds its thickness');
        self::assertEquals(
            $lined->steps[0]->layout->faces[0]->laid,
            self::$studio->json('POST', '/api/compute/layout', ['layout' => $border, 'length' => 600, 'width' => 400]),
        );
        self::assertSame(
            '/layout',
            self::$studio->json(
                'POST',
                '/api/compute/layout',
                ['layout' => $border, 'length' => 50, 'width' => 400],
                422,
            )->violations[0]->pointer,
        );
        $wrong = $given->document(['steps' => [['brushed', 'signal-cream', ['layout' => $border]]], 'part' => $panel]);
        self::assertSame(
            '/document/steps/0/layout',
            self::$studio->json('POST', '/api/preview', ['document' => $wrong], 422)->violations[0]->pointer,
        );
    }

    /**
     * In the middle of a job: every move that is told ends where it says when it is put into the recipe, nearer the target than one stands,
     * the nearest first; where one stands within tolerance it is said to stop.
     */
    public function testTheNextMovesAreFound(): void
    {
        $document = self::$studio->recipe('rack')->document;
        $document->target = (object) ['name' => 'Dusk', 'field' => '#7d8a8a', 'recess' => '#50646e'];
        $ask = static fn (): \stdClass => self::$studio->json('POST', '/api/compute/next-step', ['document' => $document, 'done' => 's3']);
        [$usual, self::$studio->patience] = [self::$studio->patience, 1e-9];
        self::assertFalse($ask()->complete, 'in no time it is not all tried');
        self::$studio->patience = $usual;
        $where = $ask();
        self::assertFalse($where->stop);
        self::assertTrue($where->complete);
        self::assertNotEmpty($where->moves);
        $mean = static fn (array $off): float => array_sum(array_column($off, 'deltaE')) / \count($off);
        $before = 0.0;
        foreach ($where->moves as $move) {
            self::assertLessThan($mean($where->now), $mean($move->off));
            self::assertGreaterThanOrEqual($before - 1e-9, $before = $mean($move->off));
            $taken = Json::copy($document);
            $shelf = array_column(
                array_map(
                    static fn (\stdClass $m): array => [$m->material->id, $m->material],
                    self::$studio->json('GET', '/api/materials')->materials,
                ),
                1,
                0,
            );
            $taken->steps = \array_slice($taken->steps, 0, 3);
            foreach ($move->steps as $k => $step) {
                foreach ($step->parts as $p) {
                    \in_array($p->materialId, array_column($taken->materials, 'id'), true) || $taken->materials[] = $shelf[$p->materialId];
                }
                $taken->mixes[] = [
                    'id' => "w$k",
                    'name' => "w$k",
                    'basis' => 'volume',
                    'parts' => array_map(
                        static fn (\stdClass $p): array => ['share' => (string) $p->parts, 'of' => ['material' => $p->materialId]],
                        $step->parts,
                    ),
                ];
                $taken->steps[] = [
                    'id' => "w$k",
                    'technique' => $step->technique,
                    'intent' => ['purpose' => $step->purpose],
                    'uses' => 1 === \count($step->parts) ? ['material' => $step->parts[0]->materialId] : ['mix' => "w$k"],
                    'coats' => $step->coats,
                    'wait' => ['until' => 'recoat'],
                ];
            }
            $taken->mixes = array_values(array_filter(
                $taken->mixes,
                static fn (mixed $m): bool => \is_array($m) && \count($m['parts']) > 1,
            ));
            $worked = self::$studio->json('POST', '/api/preview', ['document' => $taken])->preview;
            $stack = array_values(array_filter(
                $worked->stacks,
                static fn (\stdClass $s): bool => \in_array($where->part, $s->parts, true),
            ))[0];
            self::assertEquals($move->off, $stack->look->target);
            $softens = array_map(
                static fn (\stdClass $f): string => $f->why,
                array_filter($worked->findings, static fn (\stdClass $f): bool => 'softened' === $f->rule && 'w' === $f->steps[0][0]),
            );
            self::assertSame(null !== $move->softens, [] !== $softens, 'it is told of the move as it is of the recipe');
            null === $move->softens || self::assertStringContainsString($move->softens, implode(' ', $softens));
            self::assertNotContains('stop', array_map(static fn (\stdClass $f): string => $f->severity, $worked->findings));
        }
        $end = self::$studio->json('POST', '/api/preview', ['document' => $document])->preview->stacks[0]->look->after;
        $document->target = (object) ['field' => $end[\count($end) - 1]->zones[0]->colour, 'parts' => ['case']];
        self::assertTrue(self::$studio->json('POST', '/api/compute/next-step', ['document' => $document, 'done' => 's7'])->stop);
        unset($document->target);
        self::assertSame(
            '/document/target',
            self::$studio->json('POST', '/api/compute/next-step', ['document' => $document, 'done' => 's3'], 422)->violations[0]->pointer,
        );
    }
}
