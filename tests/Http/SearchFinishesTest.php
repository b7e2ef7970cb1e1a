<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\App\Exchange\Json;
use Inlaid\Tests\Cases\ReadJob;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * From a look to recipes.
 */
final class SearchFinishesTest extends TestCase
{
    /**
     * ΔE by which the look of each demo recipe may be missed, by the shares of its zones; the notice board has two lines in one. The first
     * is looked for whenever tests are run, the others by `bin/test looks`.
     */
    private const DEMO = [
        'Parcel counter' => 1.0,
        'Platform stools' => 1.0,
        'Lamp cupboard' => 1.0,
        'Ticket rack' => 1.0,
        'settle' => 1.0,
        'clock' => 1.0,
        'Notice-board' => 3.0,
    ];

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
     * Asked for as it looks in the end, on its own wood, and with nothing known of how it was made: it is found again, and each proposal
     * opened by itself looks as it was promised, and nobody would warn of it.
     */
    #[DataProvider('demo')]
    public function testTheLookOfARecipeIsFoundAgain(string $recipe, float $within): void
    {
        $document = self::$studio->recipe($recipe)->document;
        $lines = self::$studio->lines('/api/finishes/search', self::wish($document));
        self::assertGreaterThan(1, \count($lines), 'it is told what is near so far');
        $answer = array_pop($lines)->answer ?? throw new \LogicException('No answer.');
        self::assertTrue($answer->complete);
        self::assertLessThan(25_000, $answer->looks);
        $apart = array_column($answer->proposals, 'apart');
        self::assertLessThanOrEqual($within, min([99.0, ...$apart]));
        self::assertGreaterThanOrEqual(3, \count($apart));
        self::assertSame(array_unique(array_column($answer->proposals, 'family')), array_column($answer->proposals, 'family'));
        foreach ($answer->proposals as $proposal) {
            $opened = self::$studio->json('POST', '/api/preview', ['document' => $proposal->document])->preview;
            self::assertSame([], array_filter($opened->findings, static fn (\stdClass $f): bool => 'advise' !== $f->severity));
            $zones = array_column(self::look($opened), 'colour', 'zone');
            foreach ($proposal->zones as $near) {
                self::assertSame($zones[$near->zone], $near->colour, $proposal->name);
            }
        }
    }

    /** Looks of sound jobs that other hands thought of: four of five are found again within ΔE 3. */
    public function testLooksOfOtherJobsAreFound(): void
    {
        $read = new ReadJob(self::$studio);
        $most = false === getenv('INLAID_LOOKS') ? 1 : 30;
        $apart = [];
        foreach (\array_slice(ReadJob::all(), 0, $most) as $name => $job) {
            $document = Json::object(Json::encode($read->document($job)));
            $answer = self::answer(self::$studio, self::wish($document));
            $apart[$name] = min([99.0, ...array_column($answer->proposals, 'apart')]);
        }
        $near = array_filter($apart, static fn (float $a): bool => $a <= 3.0);
        self::assertGreaterThanOrEqual(0.8 * \count($apart), \count($near), Json::encode($apart));
    }

    /**
     * A blue that nothing on the shelf comes near: it says so, names a paint, and that paint, once it is on the shelf, really brings it
     * there.
     */
    public function testWhatNothingComesNearIsBought(): void
    {
        $studio = Studio::open();
        $wish = [
            'piece' => self::piece('beech', '#d6b48c', 'close'),
            'colours' => [['zone' => 'field', 'colour' => '#2f4fb0']],
            'lively' => 'even',
        ];
        $before = self::answer($studio, $wish);
        self::assertGreaterThan(20.0, min([99.0, ...array_column($before->proposals, 'apart')]));
        self::assertLessThan(3.0, $before->purchase->brings);
        $like = array_column(
            array_map(static fn (\stdClass $m): \stdClass => $m->material, $studio->json('GET', '/api/materials')->materials),
            null,
            'id',
        )[$before->purchase->material];
        $bought = clone $like;
        [$bought->id, $bought->name] = ['bought', 'Bought'];
        $bought->look = ['colour' => $before->purchase->colour] + array_diff_key((array) $like->look, ['tint' => 0, 'learned' => 0]);
        $studio->json('POST', '/api/materials', ['material' => $bought], 201);
        $after = self::answer($studio, $wish);
        self::assertLessThan($before->purchase->brings + 1.0, min([99.0, ...array_column($after->proposals, 'apart')]));
        self::assertNull($after->purchase);
        $studio->close();
    }

    /** A pale ash on chestnut with the wood to be seen: no paint is offered; how near it comes, and nearer each time it is bleached. */
    public function testPaleWoodTakesBleach(): void
    {
        $wish = [
            'piece' => self::piece('chestnut', '#b58f5f', 'open'),
            'colours' => [['zone' => 'field', 'colour' => '#e3d8bf']],
            'lively' => 'even',
            'woodShows' => true,
        ];
        $answer = self::answer(self::$studio, $wish);
        self::assertGreaterThanOrEqual(3, \count($answer->proposals), 'to choose from');
        $on = self::answer(self::$studio, $wish + ['thorough' => true]);
        self::assertGreaterThan($answer->looks, $on->looks, 'it searches on');
        $least = static fn (\stdClass $of): float => min([99.0, ...array_column($of->proposals, 'apart')]);
        self::assertLessThanOrEqual($least($answer), $least($on));
        self::assertGreaterThan(4.0, min([99.0, ...array_column($answer->proposals, 'apart')]));
        self::assertCount(3, $answer->bleached);
        self::assertGreaterThan($answer->bleached[1], $answer->bleached[0]);
        foreach ($answer->proposals as $proposal) {
            self::assertNotContains(
                'hide',
                array_map(static fn (\stdClass $s): string => $s->intent->purpose, $proposal->document->steps),
                $proposal->name,
            );
        }
    }

    /**
     * A draft whose wash was thinned otherwise, and whose look before that is its target: by its own figures it gets back to it, with no
     * other
     * material or step, and without a new alarm. What is on target stays as it is, and without a target it is told to choose one.
     */
    public function testADraftComesCloserByItsOwnFigures(): void
    {
        $document = self::$studio->recipe('ticket')->document;
        $look = self::look(self::$studio->json('POST', '/api/preview', ['document' => $document])->preview);
        $document->target = (object) (['name' => 'As it was'] + array_column($look, 'colour', 'zone'));
        $closer = static fn (\stdClass $of): \stdClass => self::$studio->json('POST', '/api/compute/closer', ['document' => $of]);
        self::assertSame([], $closer($document)->changes);
        $off = Json::copy($document);
        $mix = array_values(array_filter($off->mixes, static fn (\stdClass $m): bool => 'wash' === $m->id))[0];
        unset($mix->written);
        $mix->parts[1]->share = '3';
        $step = array_column($off->steps, null, 'id')['s4'];
        $step->coats = 1;
        $found = $closer($off);
        self::assertNotSame([], $found->changes);
        $apart = static fn (\stdClass $preview): float => array_sum(array_column($preview->stacks[0]->look->target, 'deltaE'));
        $was = $apart(self::$studio->json('POST', '/api/preview', ['document' => $off])->preview);
        self::assertLessThan(0.5 * $was, $apart($found->preview));
        self::assertSame(array_column($off->steps, 'technique'), array_column($found->document->steps, 'technique'));
        self::assertSame(array_column($off->materials, 'id'), array_column($found->document->materials, 'id'));
        unset($off->target);
        self::assertSame(
            '/document/target',
            self::$studio->json('POST', '/api/compute/closer', ['document' => $off], 422)->violations[0]->pointer,
        );
    }

    /** What isn't right is refused before anything is searched. */
    public function testNonsenseIsRefusedAtItsPlace(): void
    {
        $wish = ['piece' => self::piece('oak', '#b99364', 'open'), 'colours' => [['zone' => 'field', 'colour' => '#888888']]];
        foreach ([
            ['/colours', ['colours' => []]],
            ['/part', ['part' => 'none']],
            ['/lively', ['lively' => 'very']],
            ['/minutes', ['minutes' => 0]],
            ['/piece/parts', ['piece' => ['name' => 'P', 'parts' => []]]],
        ] as [$pointer, $wrong]) {
            $refused = self::$studio->json('POST', '/api/finishes/search', $wrong + $wish, 422);
            self::assertStringStartsWith($pointer, $refused->violations[0]->pointer);
        }
    }

    /**
     * @param array<string, mixed> $wish
     */
    private static function answer(Studio $studio, array $wish): \stdClass
    {
        $lines = $studio->lines('/api/finishes/search', $wish);

        return array_pop($lines)->answer ?? throw new \LogicException('No answer.');
    }

    /**
     * @return array<string, mixed>
     */
    private static function piece(string $species, string $colour, string $grain): array
    {
        return [
            'name' => 'Front',
            'parts' => [
                [
                    'id' => 'front',
                    'name' => 'Front',
                    'area' => 0.8,
                    'substrate' => ['kind' => 'solid'] + compact('species', 'colour', 'grain'),
                ],
            ],
            'use' => ['place' => 'dry', 'wear' => 'light'],
        ];
    }

    /**
     * @return iterable<string, array{string, float}>
     */
    public static function demo(): iterable
    {
        foreach (false === getenv('INLAID_LOOKS') ? \array_slice(self::DEMO, 0, 1) : self::DEMO as $recipe => $within) {
            yield $recipe => [$recipe, $within];
        }
    }

    /**
     * @return array<string, mixed>
     */
    private static function wish(\stdClass $document): array
    {
        $preview = self::$studio->json('POST', '/api/preview', ['document' => $document])->preview;
        $zones = self::look($preview);
        $contrast = array_column($zones, 'contrast', 'zone')['field'];
        $sheens = array_values(array_filter(array_map(static fn (\stdClass $s): ?string => $s->character->sheen ?? null, $preview->steps)));
        $piece = clone $document->piece;
        \assert($piece instanceof \stdClass);
        $piece->parts = [$piece->parts[0]];
        $piece->use = ['place' => 'dry', 'wear' => 'light'];
        unset($piece->joints);

        return [
            'piece' => $piece,
            'colours' => array_map(static fn (\stdClass $z): array => ['zone' => $z->zone, 'colour' => $z->colour], $zones),
            'lively' => $contrast < 0.8 ? 'even' : ($contrast < 3.5 ? 'soft' : 'broken'),
            'sheen' => end($sheens) ?: null,
        ];
    }

    /**
     * @return list<\stdClass> the zones of the first part as it looks in the end
     */
    private static function look(\stdClass $preview): array
    {
        $after = $preview->stacks[0]->look->after;

        return end($after)->zones;
    }
}
