<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Run;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\ColourDifference;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Drying\DayCurve;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Material\Pack;
use Inlaid\Core\Measure\Quantity;
use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Planning\WorkKey;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Run\AsMadePreview;
use Inlaid\Core\Run\CompareRun;
use Inlaid\Core\Run\CompareRuns;
use Inlaid\Core\Run\Deviation;
use Inlaid\Core\Run\Event;
use Inlaid\Core\Run\EventKind;
use Inlaid\Core\Run\FoldRun;
use Inlaid\Core\Run\RunDifference;
use Inlaid\Core\Run\StepRecord;
use Inlaid\Core\Schedule\CalculatedPiece;
use Inlaid\Core\Schedule\PieceToDo;
use Inlaid\Core\Schedule\WorksOfPiece;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Made;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * A run as it was made against its plan, and two runs against each other.
 */
final class CompareRunTest extends TestCase
{
    private const BEGAN = 1_764_061_200; // 25 November 2025, 09:00 UTC, a Tuesday
    private const MINUTE = 60;

    /**
     * What is noted and is not as planned is told once, and nothing else is.
     *
     * @param list<Event>           $noted   on top of a run that is as planned
     * @param array<string, string> $says    by key
     * @param list<string>          $without steps that were not done
     */
    #[DataProvider('deviations')]
    public function testWhatIsOtherwiseIsTold(array $noted, array $says, array $without = [], bool $takes = false): void
    {
        $made = $this->made([...$this->asPlanned($without), ...$noted]);
        self::assertSame($says, array_column($made->deviations, 'words', 'key'));
        foreach ($made->deviations as $deviation) {
            self::assertSame($takes, $deviation->takes, $deviation->words);
            self::assertSame($takes, [] !== $deviation->edits());
        }
    }

    /**
     * @return iterable<string, array{0: list<Event>, 1: array<string, string>, 2?: list<string>, 3?: bool}>
     */
    public static function deviations(): iterable
    {
        $poured = static fn (string $step, float $times, string $words): array => ["poured-$step" => \sprintf(
            '%d ml poured (planned %d): %s',
            round($times * self::pours($step)),
            round(self::pours($step)),
            $words,
        )];
        $at = self::BEGAN + 9000 * self::MINUTE;
        $pour = static fn (string $step, float $times, string $id = 'p'): Event => Event::of(
            id: $id,
            at: $at,
            kind: EventKind::Poured,
            step: $step,
            ml: $times * self::pours($step),
        );
        $air = static fn (float $warm, float $damp, string $id = 'a'): Event => Event::of(
            id: $id,
            at: $at,
            kind: EventKind::Climate,
            climate: Climate::of($warm, $damp),
        );
        yield 'as planned' => [[], []];
        yield 'a step left out' => [[Event::of('s', $at, EventKind::Skipped, 'coat')], ['skipped-coat' => 'skipped'], ['coat'], true];
        yield 'a step nobody ticked' => [[], ['coats-coat' => 'not marked done'], ['coat']];
        yield 'a coat too few' => [[], ['coats-paint' => 'once (planned 2 times)'], ['paint/2'], true];
        yield 'as much poured as a tenth lets pass' => [[$pour('paint', 1.09)], []];
        yield 'more poured' => [
            [$pour('paint', 1.5)],
            $poured('paint', 1.5, '50 % more'),
        ];
        yield 'less poured, in two goes' => [
            [
                $pour('coat', 0.4),
                $pour('coat', 0.4, 'again'),
            ],
            $poured('coat', 0.8, '20 % less'),
        ];
        yield 'warmer' => [
            [$air(25.0, 50.0)],
            ['air' => '25 °C and 50 % (planned 21 °C and 50 %)'],
        ];
        yield 'hardly warmer' => [[$air(22.9, 59.0)], []];
        yield 'damper, by the mean' => [
            [
                $air(21.0, 50.0),
                $air(21.0, 80.0, 'later'),
            ],
            ['air' => '21 °C and 65 % (planned 21 °C and 50 %)'],
        ];
    }

    /** An hour for what was to take less is told, and planned so it takes as long again; hands that have a price cost as much more. */
    public function testHoursAndCostsAreThoseOfWhatWasNoted(): void
    {
        $planned = $this->made($this->asPlanned());
        self::assertSame([3, 3, 3], [$planned->works, $planned->done, $planned->timed]);
        self::assertSame($planned->minutesPlanned, $planned->minutesMade);
        self::assertSame('2025-11-25T09:00:00+00:00', $planned->begun);
        self::assertSame(
            [['paint', 2], ['coat', 1]],
            array_map(static fn (StepRecord $s): array => [$s->step, $s->coats], $planned->steps),
        );

        $slow = $this->asPlanned();
        $minutes = self::minutes('coat/1') + 40;
        $slow = array_map(static fn (Event $e): Event => 'coat' === $e->step && EventKind::Finished === $e->kind
            ? Event::of('late', $e->at + 40 * self::MINUTE, EventKind::Finished, 'coat')
            : $e, $slow);
        $made = $this->made($slow, rate: 30.0);
        self::assertSame(['time-coat'], array_column($made->deviations, 'key'));
        self::assertSame(\sprintf('%d min hands-on (planned %d)', $minutes, $minutes - 40), $made->deviations[0]->words);
        self::assertSame($planned->minutesPlanned + 40, $made->minutesMade);
        self::assertEqualsWithDelta(20.0, ($made->costMade ?? 0.0) - ($made->costPlanned ?? 0.0), 1e-9, '40 minutes at 30 an hour');
    }

    /** Half a litre for 26: each ml costs 0.052, as planned and as poured; and where one thing has no price nothing is summed. */
    public function testWhatWasPouredHasItsPrice(): void
    {
        $priced = static fn (string $id): Material => Material::of(
            $id,
            1,
            $id,
            MaterialKind::Paint,
            true,
            Given::paint()->body,
            Given::paint()->handling,
            Given::paint()->look,
            packs: [Pack::of(Quantity::millilitres(500), 26.0)],
        );
        $made = static function (Material ...$of): AsMadePreview {
            $recipe = Made::recipe(array_map(
                static fn (Material $m): Step => Made::step($m->id, 'brushed', $m),
                array_values($of),
            ));
            $context = Given::context(now: self::BEGAN);

            return (new CompareRun())->compare(
                recipe: $recipe,
                works: Made::works($recipe, $context),
                acts: [],
                state: (new FoldRun())->fold(array_map(
                    static fn (Material $m): Event => Event::of("p$m->id", self::BEGAN, EventKind::Poured, $m->id, ml: 100.0),
                    array_values($of),
                )),
                finished: true,
                context: $context,
            );
        };
        $two = $made($priced('a'), $priced('b'));
        self::assertEqualsWithDelta(200 * 0.052, $two->costMade, 0.005);
        self::assertEqualsWithDelta($two->mlPlanned * 0.052, $two->costPlanned, 0.01);
        self::assertSame(200.0, $two->mlPoured);
        $without = $made($priced('a'), Given::paint('free'), $priced('c'));
        self::assertSame([null, null], [$without->costPlanned, $without->costMade]);
    }

    /** A step nobody began is passed over: those after it are still told. */
    public function testOutOfOrderAfterAStepNobodyBegan(): void
    {
        $context = Given::context(now: self::BEGAN);
        $recipe = Made::recipe(array_map(
            static fn (string $id): Step => Made::step($id, 'brushed', Given::paint($id)),
            ['a', 'b', 'c', 'd'],
        ));
        $finished = static fn (string $step, int $at): Event => Event::of("f$step", self::BEGAN + $at, EventKind::Finished, $step);
        $told = array_column((new CompareRun())->compare(
            recipe: $recipe,
            works: Made::works($recipe, $context),
            acts: [],
            state: (new FoldRun())->fold([$finished('a', 100), $finished('c', 900), $finished('d', 500)]),
            finished: false,
            context: $context,
        )->deviations, 'words', 'key');
        self::assertSame('done before “C” (planned after it)', $told['order-d'] ?? null);
    }

    /** The second coat after an hour, where two are to lie between; the coat before the paint. */
    public function testTooSoonAndOutOfOrder(): void
    {
        $early = array_map(static fn (Event $e): Event => 'paint' === $e->step && 2 === $e->coat
            ? Event::of($e->id, $e->at - 60 * self::MINUTE, $e->kind, 'paint', 2)
            : $e, $this->asPlanned());
        self::assertSame(
            ['soon-paint' => 'coat 2 after 60 min (planned 120)'],
            array_column($this->made($early)->deviations, 'words', 'key'),
        );
        $first = array_map(static fn (Event $e): Event => 'coat' === $e->step
            ? Event::of($e->id, $e->at - 8001 * self::MINUTE, $e->kind, 'coat')
            : $e, $this->asPlanned());
        $made = $this->made($first)->deviations;
        self::assertSame(['order-coat' => 'done before “Paint” (planned after it)'], array_column($made, 'words', 'key'));
        self::assertTrue($made[0]->takes);
    }

    /** The last colour that was seen after a step, against what its films make there: the same to the eye is no difference. */
    public function testTheColourSeenIsHeldToTheOneExpected(): void
    {
        $seen = fn (string ...$colours): array => array_values(array_filter(
            $this->made([...$this->asPlanned(), ...array_map(
                static fn (string $c, int $i): Event => Event::of(
                    id: "c$i",
                    at: self::BEGAN + $i,
                    kind: EventKind::Colour,
                    step: 'paint',
                    colour: Colour::of($c),
                ),
                array_values($colours),
                array_keys(array_values($colours)),
            )])->deviations,
            static fn (Deviation $d): bool => 'colour-paint' === $d->key,
        ));
        $told = $seen('#b03030')[0]->words;
        self::assertMatchesRegularExpression('/^colour #b03030, expected (#[0-9a-f]{6}): different colour/', $told);
        $expected = substr($told, \strlen('colour #b03030, expected '), 7);
        self::assertSame([], $seen($expected));
        self::assertSame([], $seen('#b03030', $expected), 'the last counts');
        self::assertCount(1, $seen($expected, '#b03030'));
        [$step, $over] = [Colour::of($expected), Colour::of('#5b6b73')];
        self::assertLessThan(5.0, ColourDifference::between($step, $over)->deltaE, 'near the paint itself');
    }

    /**
     * Figure by figure, as made.yaml has it, with what taking each deviation over would change.
     *
     * @param list<string> $without
     * @param list<Event>  $noted
     */
    #[DataProvider('runs')]
    public function testWorkedOut(array $without, array $noted, ?float $rate = null): void
    {
        $made = $this->made([...$this->asPlanned($without), ...$noted], $rate);
        Said::assertSame(__DIR__.'/made.yaml', (string) $this->dataName(), [
            'all' => Said::line($made, ['deviations', 'steps']),
            'steps' => array_map(Said::line(...), $made->steps),
            'deviations' => array_map(
                static fn (Deviation $d): string => "$d->key: $d->words; ".implode('; ', array_map(Said::line(...), $d->edits())),
                $made->deviations,
            ),
        ]);
    }

    /**
     * @return iterable<string, array{list<string>, list<Event>, 2?: float}>
     */
    public static function runs(): iterable
    {
        $at = static fn (int $minutes): int => self::BEGAN + $minutes * self::MINUTE;
        $act = static fn (string $id, int $from, int $to, string $step, int $coat = 1): array => [
            Event::of("$id-from", $at($from), EventKind::Started, $step, $coat),
            Event::of("$id-to", $at($to), EventKind::Finished, $step, $coat),
        ];
        $poured = static fn (string $step, float $ml, int $minutes = 20): Event => Event::of(
            id: "$step-$ml",
            at: $at($minutes),
            kind: EventKind::Poured,
            step: $step,
            ml: $ml,
        );
        yield 'as planned' => [[], [], 30.0];
        yield 'poured and priced' => [[], [$poured('paint', 120.0), $poured('coat', 31.0), $poured('coat', 20.0, 9000)], 42.0];
        yield 'only a part of it poured' => [[], [$poured('paint', 60.0)]];
        yield 'twice as long for both coats' => [['paint'], [...$act('a', 0, 90, 'paint'), ...$act('b', 300, 372, 'paint', 2)], 30.0];
        yield 'one coat timed, the other only ticked' => [['paint'], [
            ...$act('a', 0, 61, 'paint'),
            Event::of('b', $at(300), EventKind::Finished, 'paint', 2),
        ]];
        yield 'a third coat' => [[], [
            Event::of('m', $at(400), EventKind::More, 'paint', 2),
            ...$act('c', 420, 450, 'paint', 3),
        ]];
        yield 'in the cold' => [[], [
            Event::of('k', $at(30), EventKind::Climate, climate: Climate::of(14.4, 61.5)),
            Event::of('l', $at(300), EventKind::Climate, climate: Climate::of(16.0, 66.0)),
        ]];
        yield 'left out and put in' => [['coat'], [
            Event::of('s', $at(8000), EventKind::Skipped, 'coat'),
            Event::of('n', $at(8010), EventKind::Note, 'paint', text: 'Lap marks on the left'),
        ]];
        yield 'colours' => [[], [
            Event::of('c', $at(500), EventKind::Colour, 'paint', colour: Colour::of('#6a767d')),
            Event::of('d', $at(9500), EventKind::Colour, 'coat', colour: Colour::of('#e8dcc0')),
        ]];
    }

    /** Two runs: what both noted and differs by a tenth; what only one has. */
    public function testTwoRunsAreCompared(): void
    {
        self::assertSame([], self::compare(
            [self::step('paint', 2, 30, 100.0, ['#b03030']), self::step('never', 0)],
            [self::step('paint', 2, 32, 109.0, ['#b03030']), self::step('neither', 0)],
        ));
        self::assertSame(
            ['Paint: 2 times against 3 times; 30 min hands-on against 40; 90 ml poured against 120', 'Wax: first only', 'Oil: second only'],
            self::compare(
                [self::step('paint', 2, 30, 90.0), self::step('wax')],
                [self::step('oil'), self::step('paint', 3, 40, 120.0, ['#ffffff'])],
            ),
        );
        self::assertSame([], self::compare([self::step('p', 1, 100)], [self::step('p', 1, 109)]), 'a tenth of the larger');
        self::assertSame([], self::compare([self::step('p', 1, 1000)], [self::step('p', 1, 905)]), 'not of the smaller');
        self::assertCount(1, self::compare([self::step('p', 1, 100)], [self::step('p', 1, 112)]));
        self::assertCount(1, self::compare([self::step('p', 1, 112)], [self::step('p', 1, 100)]));
        $seen = self::compare([self::step('p', 1, null, null, ['#000000', '#b03030'])], [self::step('p', 1, 5, 5.0, ['#5b6b73'])]);
        self::assertStringStartsWith('P: different colour', $seen[0]);
    }

    /**
     * @param list<string> $colours
     */
    private static function step(string $id, int $coats = 1, ?int $minutes = null, ?float $ml = null, array $colours = []): StepRecord
    {
        return new StepRecord(step: $id, name: ucfirst($id), coats: $coats, minutes: $minutes, planned: null, ml: $ml, colours: $colours);
    }

    /**
     * @param list<StepRecord> $one
     * @param list<StepRecord> $other
     *
     * @return list<string>
     */
    private static function compare(array $one, array $other): array
    {
        return array_map(static fn (RunDifference $d): string => "$d->name: $d->words", (new CompareRuns())->compare($one, $other));
    }

    /**
     * @param list<string> $without a step, or "step/coat"
     *
     * @return list<Event>
     */
    private function asPlanned(array $without = []): array
    {
        $events = [];
        foreach (['paint/1' => 0, 'paint/2' => 120, 'coat/1' => 8000] as $key => $after) {
            [$step, $coat] = explode('/', $key);
            if (\in_array($step, $without, true) || \in_array($key, $without, true)) {
                continue;
            }
            $from = self::BEGAN + self::MINUTE * ($after + ('paint/2' === $key ? self::minutes('paint/1') : 0));
            $events[] = Event::of("$key-from", $from, EventKind::Started, $step, (int) $coat);
            $events[] = Event::of("$key-to", $from + self::MINUTE * self::minutes($key), EventKind::Finished, $step, (int) $coat);
        }

        return $events;
    }

    /**
     * @param list<Event> $events
     */
    private function made(array $events, ?float $rate = null): AsMadePreview
    {
        $context = Given::context(now: self::BEGAN, rate: $rate);
        $piece = self::piece();

        return (new CompareRun())->compare(
            recipe: $piece->recipe,
            works: Made::works($piece->recipe, $context),
            acts: self::acts(),
            state: (new FoldRun())->fold($events),
            finished: true,
            context: $context,
        );
    }

    private static function pours(string $step): float
    {
        foreach (Made::works(self::piece()->recipe, Given::context()) as $work) {
            if ($step === $work->step->id) {
                return $work->poured()->toFloat();
            }
        }
        self::fail("There is no step $step.");
    }

    /** Hands on one coat, as planned. */
    private static function minutes(string $key): int
    {
        foreach (self::acts() as $act) {
            $of = WorkKey::of($act);
            if ($key === "$of->step/$of->coat") {
                return $act->minutes;
            }
        }
        self::fail("There is no $key.");
    }

    /**
     * @return list<\Inlaid\Core\Planning\Work>
     */
    private static function acts(): array
    {
        $context = Given::context(now: self::BEGAN);

        return (new WorksOfPiece())->works(
            CalculatedPiece::of(self::piece(), Made::works(self::piece()->recipe, $context), new \DateTimeZone('UTC')),
            new Calendar($context->working, self::BEGAN),
        );
    }

    private static function piece(): PieceToDo
    {
        return new PieceToDo(id: 'job', recipe: self::recipe(), air: DayCurve::steady(Climate::reference()), notBefore: 0);
    }

    private static function recipe(): Recipe
    {
        return Made::recipe([
            Made::step('paint', 'brushed', Given::paint(), 2),
            Made::step('coat', 'brushed', Given::paint('coat', colour: '#efe3c4'), wait: WaitUntil::Overnight),
        ]);
    }
}
