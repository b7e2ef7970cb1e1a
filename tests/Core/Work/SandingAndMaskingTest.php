<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Work;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Findings\SandingBudget;
use Inlaid\Core\Measure\UnitSystem;
use Inlaid\Core\Piece\FinishKind;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\OldFinish;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Preview\Preview;
use Inlaid\Core\Recipe\Criterion;
use Inlaid\Core\Recipe\Intent;
use Inlaid\Core\Recipe\InvalidRecipe;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Repeat;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Work\Reached;
use Inlaid\Tests\Core\Given;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What sanding takes of an old finish and of a veneer; what a step gets onto, what masking that takes, and when it is pulled.
 */
final class SandingAndMaskingTest extends TestCase
{
    /**
     * By hand a pass of 120 takes 40 µm; of 80 (201 µm particles against 125) 64.3, of 240 19; a machine twice that. Factory lacquer is 60
     * µm.
     *
     * Finish, steps, and the budget: finish there, of it, veneer, of the wood, at most of it.
     *
     * @return iterable<string, array{FinishKind, list<Step>, array{float|null, float, float|null, float, float}}>
     */
    public static function budgets(): iterable
    {
        $sand = static fn (int $grit, int $coats = 1, ?Tool $tool = null, ?Repeat $until = null, ?float $depth = null): Step => self::step(
            "g$grit",
            'sanded',
            StepDetail::of(grit: $grit, depth: $depth, tool: $tool),
            coats: $coats,
            repeat: $until,
        );
        $strip = self::step('strip', 'scraped', StepDetail::of());
        $coat = self::step('coat', 'brushed', StepDetail::of());
        yield 'bare wood' => [FinishKind::Bare, [$sand(80), $sand(120)], [null, 0.0, 600.0, 104.3, 104.3]];
        yield 'a machine takes twice as much' => [FinishKind::Bare, [$sand(80, 1, Tool::Machine)], [null, 0.0, 600.0, 128.6, 128.6]];
        yield 'what is stated goes before what is typical' => [
            FinishKind::Bare,
            [$sand(80, 2, null, null, 50.0)],
            [null, 0.0, 600.0, 50.0, 50.0],
        ];
        yield 'the old finish goes first' => [FinishKind::Lacquer, [$sand(120, 2)], [60.0, 60.0, 600.0, 20.0, 20.0]];
        yield 'scuffing stays in it' => [
            FinishKind::Lacquer,
            [self::step('s', 'scuff-sanded', StepDetail::of(grit: 240))],
            [60.0, 3.0, 600.0, 0.0, 0.0],
        ];
        yield 'what is scraped off is not there' => [FinishKind::Lacquer, [$strip, $sand(120)], [null, 0.0, 600.0, 40.0, 40.0]];
        yield 'with every round' => [
            FinishKind::Bare,
            [$sand(120, 2, null, Repeat::of(Criterion::Smooth, 1, 5))],
            [null, 0.0, 600.0, 80.0, 200.0],
        ];
        yield 'once it is sealed the film is sanded' => [
            FinishKind::Bare,
            [$sand(120), $coat, $sand(240, 2)],
            [null, 0.0, 600.0, 40.0, 40.0],
        ];
        yield 'and when 9 passes of 18.7 µm have gone through its 40 µm, the wood' => [
            FinishKind::Bare,
            [$sand(120), $coat, $sand(240, 9)],
            [null, 0.0, 600.0, 168.5, 168.5],
        ];
        yield 'further rounds go through what is left of the finish first' => [
            FinishKind::Lacquer,
            [$sand(120, 1, null, Repeat::of(Criterion::Smooth, 1, 4))],
            [60.0, 40.0, 600.0, 0.0, 100.0],
        ];
    }

    /**
     * @param list<Step>                                         $steps
     * @param array{float|null, float, float|null, float, float} $expected
     */
    #[DataProvider('budgets')]
    public function testTheBudgetOfFinishAndVeneer(FinishKind $finish, array $steps, array $expected): void
    {
        $part = PiecePart::of(
            'p',
            'Panel',
            Surface::free(1.0),
            1,
            Substrate::of(SubstrateKind::Veneer, 'oak', Grain::Open, Colour::of('#bd9660'), 0.6),
            new OldFinish($finish),
        );
        self::assertEquals(new SandingBudget(...$expected), self::preview([$part], $steps)->parts[0]->sanding);
    }

    /**
     * A top of 900 × 450 mm meets its neighbours along 2.7 m; a leg 45 mm square along 0.18 m, and there are four. With a tenth for
     * overlap that is 2.97 and 0.792 m; beside it a hand's breadth of sheet.
     */
    public function testTapeAndSheet(): void
    {
        $brushed = self::step('a', 'brushed', StepDetail::of(masks: ['top', 'legs']), ['front']);
        $sprayed = self::step('b', 'sprayed', StepDetail::of(masks: ['top', 'legs']), ['front']);
        $after = self::step('c', 'brushed', StepDetail::of(), ['front']);
        [$first, $second, $none] = self::preview(self::table(), [$brushed, $sprayed, $after])->steps;
        self::assertEqualsWithDelta(3.8, $first->masking->tape ?? 0, 0.05);
        self::assertEqualsWithDelta(0.6, $first->masking->sheet ?? 0, 0.05);
        self::assertSame([null, null], [$first->masking?->pullFrom, $first->masking?->pullBy], 'it hangs on');
        self::assertSame(
            [0.0, 0.0, 0, true],
            [$second->masking?->tape, $second->masking?->sheet, $second->masking?->minutes, $second->masking?->stays],
            'and is not put up twice',
        );
        self::assertNull($none->masking);

        $alone = self::preview(self::table(), [$sprayed]);
        self::assertEqualsWithDelta(
            0.405 + 0.0594 + 4 * 0.126,
            $alone->steps[0]->masking->sheet ?? 0,
            0.05,
            'a gun wants all of it covered',
        );
        $bare = self::preview(self::table(), [self::step('b', 'sprayed', StepDetail::of(), ['front'])]);
        self::assertSame($bare->cost->minutes + ($alone->steps[0]->masking->minutes ?? 0), $alone->cost->minutes, 'putting it up is work');
        self::assertSame($alone->cost->minutes, $alone->plan->handsOn);
        $end = $alone->plan->coats[0]->end;
        self::assertSame(
            [$end, (new \DateTimeImmutable($end))->modify('+30 minutes')->format(\DATE_ATOM)],
            [$alone->steps[0]->masking?->pullFrom, $alone->steps[0]->masking?->pullBy],
            'before it is touch-dry',
        );
    }

    /**
     * What a step gets onto, and where that would be seen: on bare wood that stays so or is stained, and from a gun on all that is not
     * painted over.
     */
    public function testWhatAStepGetsOnto(): void
    {
        $paint = self::step('a', 'brushed', StepDetail::of(), ['front']);
        $wait = self::step('z', 'rested', StepDetail::of());
        self::assertSame(['Top creeps seen', 'Legs drips seen'], self::onto([$paint]), 'the drawer is taken out');
        self::assertSame(
            ['Top creeps', 'Legs drips seen'],
            self::onto([$paint, self::step('b', 'brushed', StepDetail::of(), ['top'])]),
            'paint covers it',
        );
        $legs = self::step('l', 'padded', StepDetail::of(), ['legs']);
        self::assertSame(['Top creeps seen', 'Legs drips'], self::onto([$legs, $paint, $wait]), 'a drip on a film is wiped off');
        self::assertSame(
            ['Top sprays seen', 'Legs sprays seen'],
            self::onto([$legs, self::step('g', 'sprayed', StepDetail::of(), ['front']), $wait]),
        );
        self::assertSame([], self::onto([self::step('w', 'waxed', StepDetail::of(), ['front'])]), 'wax is rubbed where it is wanted');
        self::assertSame([], self::onto([self::step('d', 'sprayed', StepDetail::of(), ['drawer'])]), 'a drawer is sprayed by itself');
    }

    public function testTheSchoolPutsThePartsInOrder(): void
    {
        $all = [self::step('a', 'brushed', StepDetail::of())];
        self::assertSame(['Top', 'Front', 'Legs', 'Drawer'], self::preview(self::table(), $all)->steps[0]->order);
        self::assertSame(
            ['Front', 'Legs', 'Top', 'Drawer'],
            self::preview(self::table(), $all, ['part-order' => 'top-last'])->steps[0]->order,
        );
        self::assertSame([], self::preview(self::table(), [self::step('a', 'brushed', StepDetail::of(), ['top'])])->steps[0]->order);
    }

    /**
     * @return iterable<string, array{\Closure(): mixed, string}>
     */
    public static function nonsense(): iterable
    {
        yield 'masking what it is done to' => [
            static fn (): mixed => self::preview(self::table(), [self::step('a', 'brushed', StepDetail::of(masks: ['top']), ['top'])]),
            'Top can\'t be masked in a step that works on it.',
        ];
        yield 'masking what is not there' => [
            static fn (): mixed => self::preview(self::table(), [self::step('a', 'brushed', StepDetail::of(masks: ['lid']), ['top'])]),
            'This recipe has no part “lid”.',
        ];
        yield 'sanding with a scraper' => [
            static fn (): mixed => self::step('a', 'sanded', StepDetail::of(tool: Tool::MetalScraper)),
            '“Sanded” can\'t use: a metal scraper.',
        ];
        yield 'painting until it is bare' => [
            static fn (): mixed => self::step('a', 'brushed', StepDetail::of(), repeat: Repeat::of(Criterion::Bare, 1, 2)),
            '“Brushed” can\'t repeat until the surface is bare.',
        ];
        yield 'fewer than the least' => [
            static fn (): mixed => self::step('a', 'brushed', StepDetail::of(), repeat: Repeat::of(Criterion::Hides, 2, 4)),
            'The expected passes must be between 2 and 4.',
        ];
        yield 'most below least' => [
            static fn (): mixed => Repeat::of(Criterion::Hides, 3, 2),
            'The passes must be from 1 to 50, with the minimum not above the maximum.',
        ];
        yield 'a last resort that comes before' => [
            static fn (): mixed => self::preview(
                self::table(),
                [
                    self::step('b', 'rested', StepDetail::of()),
                    self::step('a', 'brushed', StepDetail::of(), repeat: Repeat::of(Criterion::Hides, 1, 2, 'b')),
                ],
            ),
            'The fallback step (“b”) must come after it.',
        ];
        yield 'a last resort nobody knows' => [
            static fn (): mixed => self::preview(
                self::table(),
                [self::step('a', 'brushed', StepDetail::of(), repeat: Repeat::of(Criterion::Hides, 1, 2, 'x'))],
            ),
            'This recipe has no step “x”.',
        ];
    }

    /**
     * @param \Closure(): mixed $do
     */
    #[DataProvider('nonsense')]
    public function testNonsenseIsRefusedInWords(\Closure $do, string $words): void
    {
        $this->expectException(InvalidRecipe::class);
        $this->expectExceptionMessage($words);
        $do();
    }

    /**
     * @return list<PiecePart>
     */
    private static function table(): array
    {
        return [
            self::part('drawer', 'drawer', ['length' => 430.0, 'width' => 190.0, 'thickness' => 20.0], ['face']),
            self::part('top', 'top', ['length' => 900.0, 'width' => 450.0, 'thickness' => 22.0], ['face', 'long-edges', 'short-edges']),
            self::part('front', 'front', ['length' => 800.0, 'width' => 300.0, 'thickness' => 20.0], ['face']),
            self::part('legs', 'leg-square', ['length' => 700.0, 'width' => 45.0, 'depth' => 45.0], ['sides'], 4),
        ];
    }

    /**
     * @param array<string, float> $sizes
     * @param list<string>         $faces
     */
    private static function part(string $id, string $shape, array $sizes, array $faces, int $count = 1): PiecePart
    {
        return PiecePart::of(
            $id,
            ucfirst($id),
            Surface::of(Given::shapes()->named($shape), $sizes, $faces),
            $count,
            Substrate::of(SubstrateKind::Solid, 'lime', Grain::Close, Colour::of('#e5d3b3')),
        );
    }

    /**
     * What the painting of the front gets onto.
     *
     * @param list<Step> $steps
     *
     * @return list<string>
     */
    private static function onto(array $steps): array
    {
        return array_map(
            static fn (Reached $r): string => $r->name.' '.$r->how->value.($r->seen ? ' seen' : ''),
            self::preview(self::table(), $steps)->steps[\count($steps) > 2 ? 1 : 0]->reaches,
        );
    }

    /**
     * @param list<string> $on
     */
    private static function step(
        string $id,
        string $technique,
        StepDetail $detail,
        array $on = [],
        int $coats = 1,
        ?Repeat $repeat = null,
    ): Step {
        $how = Given::techniques()->named($technique);

        return Step::of(
            $id,
            '',
            $how,
            Intent::of(Purpose::Hide),
            $on,
            $how->profile()->takesMaterial ? Given::paint() : null,
            $coats,
            $detail,
            WaitRule::of(WaitUntil::Nothing),
            '',
            $repeat,
        );
    }

    /**
     * @param list<PiecePart>       $parts
     * @param list<Step>            $steps
     * @param array<string, string> $schools
     */
    private static function preview(array $parts, array $steps, array $schools = []): Preview
    {
        $context = new Context(
            1_764_054_000,
            WorkingTime::of('UTC', array_fill(1, 7, [[0, 1440]])),
            Climate::of(21, 50),
            UnitSystem::Metric,
            [],
            [],
            BigRational::of('0.05'),
            BigRational::of('0.02'),
            $schools,
        );

        return Given::previewer()->preview(Recipe::of('Test', Piece::of('Table', 1, $parts), $steps), $context);
    }
}
