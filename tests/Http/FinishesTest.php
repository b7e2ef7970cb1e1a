<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\App\Exchange\Json;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/**
 * Finishes that a recipe begins with.
 */
final class FinishesTest extends TestCase
{
    /** The first two, close- and open-grained, whenever tests are run; all of them by `bin/test looks`. */
    private const WOODS = ['pine', 'oak', 'beech', 'walnut', 'birch'];

    /** What may be said of a finish: how it is worked, but not that a step of it is lost, or wears too much or too little. */
    private const HINTS = ['section-too-large', 'wet-over-soft'];

    /** A Monday morning: begun at noon, what is mixed for two coats would not keep until the second, and that is said. */
    private const CONTEXT = ['now' => '2026-11-23T08:00:00+01:00'];

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
     * Whatever the wood, a finish is a whole recipe at the most wear it stands: prepared, dry before what comes next, protected, and nobody
     * would stop it or warn. Where it need not work in the wood, over an old varnish too.
     */
    #[DataProvider('grounds')]
    public function testEveryFinishIsSoundOnEveryWood(?string $old): void
    {
        $woods = array_column(self::$studio->json('GET', '/api/vocabulary')->species, null, 'name');
        $finishes = self::$studio->json('GET', '/api/finishes')->finishes;
        self::assertGreaterThanOrEqual(20, \count($finishes));
        $bad = [];
        foreach ($finishes as $finish) {
            foreach (null === $old ? \array_slice(self::WOODS, 0, false === getenv('INLAID_LOOKS') ? 2 : 5) : ['oak'] as $wood) {
                if (null !== $finish->grain && $woods[$wood]->grain !== $finish->grain || null !== $old && $finish->bare) {
                    continue;
                }
                $begun = self::$studio->json('POST', '/api/finishes', [
                    'context' => self::CONTEXT,
                    'family' => $finish->key,
                    'piece' => self::piece($woods[$wood], $finish->wear, $old),
                ]);
                foreach ($begun->preview->findings as $finding) {
                    if (!\in_array($finding->rule, self::HINTS, true)) {
                        $bad[] = "$finish->key on $wood: $finding->rule: $finding->why";
                    }
                }
                foreach ($begun->preview->prep as $line) {
                    $bad[] = "$finish->key on $wood lacks {$line->step->title}";
                }
            }
        }
        self::assertSame([], $bad);
    }

    /**
     * @return iterable<string, array{string|null}>
     */
    public static function grounds(): iterable
    {
        yield 'bare wood' => [null];
        yield 'old varnish' => ['varnish'];
    }

    /**
     * However a studio works: a finish that is offered it is sound, and each school that one is kept from would be warned of. All schools
     * by `bin/test looks`.
     */
    public function testAFinishGoesWithTheSchoolOrIsNotOffered(): void
    {
        $vocabulary = self::$studio->json('GET', '/api/vocabulary');
        $wood = array_column($vocabulary->species, null, 'name')['pine'];
        $finishes = array_filter(
            self::$studio->json('GET', '/api/finishes')->finishes,
            static fn (\stdClass $f): bool => 'open' !== $f->grain,
        );
        $bad = [];
        foreach ($vocabulary->practices as $practice) {
            foreach (false === getenv('INLAID_LOOKS') && 'coat-thickness' !== $practice->key ? [] : $practice->choices as $choice) {
                $school = "$practice->key=$choice->key";
                $context = ['schools' => [$practice->key => $choice->key]] + self::CONTEXT;
                foreach ($finishes as $finish) {
                    $findings = self::$studio->json('POST', '/api/finishes', [
                        'family' => $finish->key,
                        'piece' => self::piece($wood, $finish->wear),
                        'context' => $context,
                    ])->preview->findings;
                    $isWarned = [] !== array_filter($findings, static fn (\stdClass $f): bool => 'advise' !== $f->severity);
                    if ($isWarned !== \in_array($school, $finish->against, true)) {
                        $bad[] = "$school: $finish->key";
                    }
                }
            }
        }
        self::assertSame([], $bad);
        $offered = array_column(self::$studio->lines('/api/finishes/wall', [
            'piece' => self::piece($wood, 'light'),
            'context' => ['schools' => ['coat-thickness' => 'heavy-few']],
        ]), 'family');
        self::assertContains('pigment-in-glaze', $offered);
        self::assertNotContains('milk-paint', $offered);
    }

    /** In a new studio each finish is whole and sound too, and two colours of one finish are two colours. */
    public function testANewStudioHasColoursForThem(): void
    {
        $studio = Studio::empty();
        $wood = array_column($studio->json('GET', '/api/vocabulary')->species, null, 'name')['pine'];
        $chips = $studio->lines('/api/finishes/wall', ['piece' => self::piece($wood, 'light')]);
        self::assertGreaterThan(25, \count($chips));
        $bad = [];
        foreach ($chips as $chip) {
            $begun = $studio->json('POST', '/api/finishes', [
                'context' => self::CONTEXT,
                'family' => $chip->family,
                'piece' => self::piece($wood, 'light'),
            ]);
            $paints = array_filter(
                $begun->document->materials,
                static fn (\stdClass $m): bool => 'paint' === $m->kind && 'flake' !== $m->look->kind,
            );
            $colours = array_column(array_column($paints, 'look'), 'colour');
            $coloured = array_filter($begun->document->steps, static fn (\stdClass $s): bool => \in_array(
                $s->title,
                self::paintedSteps($chip->family),
                true,
            ));
            if ('rolled-and-tipped' !== $chip->family && \count($coloured) > \count(array_unique($colours))) {
                $bad[] = "$chip->family has a colour twice";
            }
            foreach ($begun->preview->findings as $finding) {
                \in_array($finding->rule, self::HINTS, true) || $bad[] = "$chip->family: $finding->why";
            }
        }
        self::assertSame([], $bad);
        $studio->close();
    }

    /** The files are as their format says; a name that it doesn't know would be refused. */
    public function testTheFilesAreAsTheirFormatSays(): void
    {
        $root = \dirname(__DIR__, 2);
        $schema = Json::object((string) file_get_contents("$root/docs/formats/finish.schema.json"));
        unset($schema->{'$id'});
        $isValid = static fn (\stdClass $family): bool => (new Validator())->validate($family, $schema)->isValid();
        foreach (glob("$root/data/finishes/*.yaml") ?: [] as $file) {
            $family = Json::object(Json::encode(Yaml::parseFile($file)));
            self::assertTrue($isValid($family), $file);
            $family->steps[0]->colour = 'red';
            self::assertFalse($isValid($family));
        }
    }

    /**
     * Together they use whatever leaves a look: all that adds something but repairs, and what wears, bleaches, releases or evens it.
     */
    public function testEveryTechniqueThatLeavesALookIsInOne(): void
    {
        $used = [];
        foreach (glob(\dirname(__DIR__, 2).'/data/finishes/*.yaml') ?: [] as $file) {
            $family = Yaml::parseFile($file);
            $used = [...$used, ...array_column(\is_array($family) ? $family['steps'] : [], 'do')];
        }
        $leaves = array_filter(
            self::$studio->json('GET', '/api/vocabulary')->techniques,
            static fn (\stdClass $t): bool => 'adds' === $t->profile->effect || \in_array(
                $t->key,
                ['distressed-dry', 'distressed-wet', 'resist-released', 'bleached', 'conditioned', 'reworked', 'grain-brushed'],
                true,
            ),
        );
        self::assertSame(
            ['filled'],
            array_values(array_diff(array_column($leaves, 'key'), $used)),
            'only the filling of a repair is in none',
        );
    }

    /** Shown on a piece: what suits it, whole, and not what would not stand its wear or needs other wood. */
    public function testTheWallShowsWhatSuits(): void
    {
        $woods = array_column(self::$studio->json('GET', '/api/vocabulary')->species, null, 'name');
        $all = array_column(self::$studio->json('GET', '/api/finishes')->finishes, null, 'key');
        $rank = array_flip(['light', 'daily', 'hard']);
        foreach ([['oak', 'light', null], ['beech', 'hard', null], ['oak', 'daily', 'varnish']] as [$wood, $wear, $old]) {
            $piece = self::piece($woods[$wood], $wear, $old);
            $chips = self::$studio->lines('/api/finishes/wall', ['piece' => $piece]);
            $suits = array_filter($all, static fn (\stdClass $f): bool => $rank[$f->wear] >= $rank[$wear]
                && (null === $f->grain || $f->grain === $woods[$wood]->grain)
                && (null === $old || !$f->bare));
            self::assertSame(array_keys($suits), array_column($chips, 'family'));
            $chip = $chips[\count($chips) - 1];
            $begun = self::$studio->json('POST', '/api/finishes', [
                'context' => self::CONTEXT,
                'family' => $chip->family,
                'piece' => $piece,
            ])->preview;
            self::assertEquals([$begun->plan->handsOn, $begun->cost->whole, $begun->stacks[0]->look->after], [
                $chip->minutes,
                $chip->cost,
                $chip->stack->look->after,
            ], 'a chip is the recipe that one press makes of it');
        }
    }

    /** One chooses the materials; what isn't on the shelf, or plays another role, is refused where it stands. */
    public function testMaterialsAreChosen(): void
    {
        $woods = array_column(self::$studio->json('GET', '/api/vocabulary')->species, null, 'name');
        $asked = ['family' => 'broken-cover', 'piece' => self::piece($woods['beech'], 'light')];
        $chosen = [['step' => 'ground', 'material' => 'lamp-soot'], ['step' => 'broken', 'material' => 'poppy-bank']];
        $begun = self::$studio->json('POST', '/api/finishes', $asked + ['chosen' => $chosen]);
        $steps = array_column($begun->document->steps, null, 'id');
        self::assertSame('lamp-soot', $steps['ground']->uses->material);
        $mix = array_column($begun->document->mixes, null, 'id')[$steps['broken']->uses->mix];
        self::assertSame(['poppy-bank', 'water'], array_map(static fn (\stdClass $p): string => $p->of->material, $mix->parts));
        $does = array_column($begun->document->steps, 'technique');
        self::assertSame(['sanded', 'dusted', 'brushed', 'washed-wiped', 'brushed'], \array_slice($does, -5), 'prepared, made, protected');
        $kept = self::$studio->json('POST', '/api/recipes', ['document' => $begun->document], 201);
        self::assertSame($begun->document->title, $kept->document->title);
        foreach ([
            ['/chosen/ground', ['chosen' => [['step' => 'ground', 'material' => 'clear-wax']]]],
            ['/chosen/ground', ['chosen' => [['step' => 'ground', 'material' => 'nothing']]]],
            ['/family', ['family' => 'no-such']],
        ] as [$pointer, $wrong]) {
            $refused = self::$studio->json('POST', '/api/finishes', $wrong + $asked, 422);
            self::assertSame($pointer, $refused->violations[0]->pointer);
        }
    }

    /**
     * @return array<string, mixed>
     */
    private static function piece(\stdClass $wood, string $wear, ?string $old = null): array
    {
        return [
            'name' => 'Chest',
            'parts' => [[
                'id' => 'case',
                'name' => 'Case',
                'shape' => ['kind' => 'front', 'size' => ['length' => 1200, 'width' => 700, 'thickness' => 22], 'faces' => ['face']],
                'substrate' => [
                    'kind' => 'solid',
                    'species' => $wood->name,
                    'grain' => $wood->grain,
                    'colour' => $wood->colour,
                    'bleeds' => $wood->bleeds,
                ],
            ] + (null === $old ? [] : ['finish' => ['kind' => $old, 'state' => 'sound'], 'tests' => ['age' => 'after']])],
            'use' => ['place' => 'dry', 'wear' => $wear],
        ];
    }

    /** @return list<string> titles of the steps of a finish that are painted in some colour */
    private static function paintedSteps(string $family): array
    {
        $read = Yaml::parseFile(\dirname(__DIR__, 2)."/data/finishes/$family.yaml");
        $steps = \is_array($read) && \is_array($read['steps']) ? $read['steps'] : [];

        return array_column(array_filter($steps, static fn (mixed $s): bool => \is_array($s) && 'paint' === ($s['role'] ?? '')), 'title');
    }
}
