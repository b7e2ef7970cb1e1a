<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\BoardPlan;

use Brick\Math\BigRational;
use Inlaid\Core\Board\Axis;
use Inlaid\Core\Board\Board;
use Inlaid\Core\Board\Cell;
use Inlaid\Core\Board\Choices;
use Inlaid\Core\Board\Hands;
use Inlaid\Core\Board\Kind\Coats;
use Inlaid\Core\Board\Patch;
use Inlaid\Core\BoardPlan\BoardPot;
use Inlaid\Core\BoardPlan\PatchAct;
use Inlaid\Core\BoardPlan\PatchFace;
use Inlaid\Core\BoardPlan\SharedPots;
use Inlaid\Core\BoardPlan\SharePots;
use Inlaid\Core\BoardPlan\TimePatch;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\MeasureAtHand;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Surface\WorkOnZone;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Zone;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Made;
use Inlaid\Tests\Core\Surface\Flat;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * Pots that patches share, how long a patch takes, and how it is painted; in figures worked out on paper.
 */
final class PotsAndTimesTest extends TestCase
{
    private static function wash(string $paint, string $water, ?Material $of = null): Mixture
    {
        return Mixture::of('Wash', Basis::ByVolume, [
            Part::of(BigRational::of($paint), $of ?? Given::paint(largestThinning: 20.0)),
            Part::of(BigRational::of($water), Given::water()),
        ]);
    }

    /** A patch of so many m². */
    private static function act(
        string $label,
        Material|Mixture|null $uses,
        float $area = 0.01,
        string $technique = 'brushed',
        int $coat = 1,
        ?StepDetail $detail = null,
    ): PatchAct {
        $recipe = Made::recipe([
            Made::step('step', $technique, $uses, max(1, $coat), Purpose::Functional, detail: $detail),
        ], $area);

        return new PatchAct(new Patch(new Cell($label, null, null, [], []), $recipe), Made::works($recipe, Given::context())[0], $coat);
    }

    /** @param list<list<PatchAct>> $rounds */
    private static function share(array $rounds, string $least = '1/2', string $most = '20'): SharedPots
    {
        $usual = Given::context();
        $context = new Context(
            now: $usual->now,
            working: $usual->working,
            climate: $usual->climate,
            units: $usual->units,
            measures: [MeasureAtHand::of('syringe', BigRational::of($least), BigRational::of($most))],
            vessels: [],
            drop: $usual->drop,
            tolerance: BigRational::of('1/50'),
        );

        return (new SharePots())->share($rounds, $context);
    }

    /** 0.01 m² of a film of 100 µm is 1 ml, 1.2 on bare wood, ÷ 0.95 for what is lost; a quarter of the brush's 8 ml stays in it. */
    public function testWhatAPotIsToHold(): void
    {
        $straight = self::share([[self::act('A1', Given::paint())]]);
        self::assertSame([['A1'], [1], 3.3, null, null], self::pot($straight->pots[0]), '1.2 ÷ 0.95 + 2 = 3.263');
        self::assertSame([['A1' => 1]], $straight->byPatch);
        self::assertEqualsWithDelta(3.3, $straight->takes->volume()->toFloat(), 1e-9);
        $two = self::share([[self::act('A1', Given::paint()), self::act('B1', Given::paint())]]);
        self::assertSame([['A1', 'B1'], [1], 4.6, null, null], self::pot($two->pots[0]), 'the brush is filled once');
        $rounds = self::share([[self::act('A1', Given::paint())], [self::act('A1', Given::paint(), coat: 2)]]);
        self::assertSame([['A1'], [1, 2]], \array_slice(self::pot($rounds->pots[0]), 0, 2), 'once more in each round');
        self::assertEqualsWithDelta(1.2 / 0.95 + 1 / 0.95 + 4, $rounds->pots[0]->need->ml, 0.1);
        $two = self::share([[self::act('A1', Given::paint()), self::act('B1', Given::paint('other'))]]);
        self::assertSame([['A1' => 1, 'B1' => 2]], $two->byPatch);
    }

    /** What takes nothing from a pot is passed over, and those after it are not. */
    public function testWhatTakesNothing(): void
    {
        $sanded = self::act('A1', null, technique: 'sanded', detail: StepDetail::of(grit: 180));
        $shared = self::share([[$sanded, self::act('B1', Given::paint())]]);
        self::assertSame([['B1' => 1]], $shared->byPatch);
        self::assertSame([[['B1'], [1], 3.3, null, null]], array_map(self::pot(...), $shared->pots));
    }

    /** What does not keep is mixed anew for each round. */
    public function testAPotThatGoesOff(): void
    {
        $quick = Given::paint(potLife: 120);
        $shared = self::share([[self::act('A1', $quick)], [self::act('A1', $quick, coat: 2)]]);
        self::assertSame([[1], [2]], array_map(static fn (BoardPot $p): array => $p->rounds, $shared->pots));
        self::assertSame([['A1' => 1], ['A1' => 2]], $shared->byPatch);
    }

    /** 3.3 ml of 1 : 1 by half millilitres: 2 and 2, of which 0.7 are left, too little to be poured over. */
    public function testBySpoonsOrByDrops(): void
    {
        $shared = self::share([[self::act('A1', self::wash('1', '1')), self::act('B1', self::wash('2', '1'))]]);
        [$first, $second] = $shared->pots;
        self::assertSame(['2', '2'], array_map(static fn ($l): string => $l->amount->exact, $first->batch->lines ?? []));
        self::assertEqualsWithDelta(0.7, $first->left?->ml, 1e-9);
        self::assertNull($second->fromPot, 'less than a millilitre is not poured over');
        // By spoons of 5 ml it would be 10 ml, more than twice what is needed; by drops of 0.05 ml it is 33 of each.
        $drops = self::share([[self::act('A1', self::wash('1', '1'))]], '5', '5')->pots[0];
        self::assertSame(['1.65', '1.65'], array_map(static fn ($l): string => $l->amount->exact, $drops->batch->lines ?? []));
        // Of a larger patch it would be more than sixty drops of each, which nobody counts: 10 ml by spoons it is.
        $spoons = self::share([[self::act('A1', self::wash('1', '1'), 0.04)]], '5', '5')->pots[0];
        self::assertSame(['5', '5'], array_map(static fn ($l): string => $l->amount->exact, $spoons->batch->lines ?? []));
    }

    /** 1 : 3 by spoons of 5 ml is 20 ml, more than twice the need; of drops it would be 90 of water, which nobody counts. */
    public function testNobodyCountsNinetyDrops(): void
    {
        $many = self::share([[self::act('A1', self::wash('1', '3'), 0.03)]], '5', '5')->pots[0];
        self::assertSame(['5', '15'], array_map(static fn ($l): string => $l->amount->exact, $many->batch->lines ?? []));
        $few = self::share([[self::act('A1', self::wash('1', '3'), 0.001)]], '5', '5')->pots[0];
        self::assertSame(['0.55', '1.65'], array_map(static fn ($l): string => $l->amount->exact, $few->batch->lines ?? []));
    }

    /** A strong wash first; what is left of it is thinned for the next, with what it lacks. */
    public function testALeftoverIsThinned(): void
    {
        $strong = self::wash('1', '2');
        $weak = self::wash('1', '5');
        $shared = self::share([[self::act('A1', $strong), self::act('B1', $weak)]], '1/2', '20');
        [$first, $second] = $shared->pots;
        self::assertNotNull($first->left);
        $left = (float) $first->left->ml;
        if ($left < 1.0) {
            self::assertNull($second->fromPot);
        } else {
            self::assertSame(1, $second->fromPot);
            self::assertEqualsWithDelta($left, $second->fromAmount?->ml, 1e-9);
        }
        // A pot of which all is taken leaves nothing.
        $all = self::share([[self::act('A1', Given::paint()), self::act('B1', $weak)]]);
        self::assertNull($all->pots[0]->left);
    }

    /** @return array{list<string>, list<int>, float, ?float, ?int} */
    private static function pot(BoardPot $pot): array
    {
        return [$pot->patches, $pot->rounds, $pot->need->ml, $pot->left?->ml, $pot->fromPot];
    }

    private static function board(?int $lay = null, ?int $wipe = null): Board
    {
        $recipe = Made::recipe([Made::step('step', 'brushed', Given::paint())]);
        $axis = Axis::of(new Coats(), $recipe->steps[0], ['1'], new Choices($recipe, [], [], Given::techniques()));

        return Board::of('Board', 100, 100, $axis, null, [new Patch(new Cell('A1', 0, 0, [], []), $recipe)], Hands::One, $lay, $wipe);
    }

    /** Area ÷ rate, half of it for each where it is wiped, and never less than a quarter of a minute. */
    #[TestWith(['brushed', 0.5, null])]
    #[TestWith(['brushed', 0.001, null])]
    #[TestWith(['washed-wiped', 0.5, null])]
    #[TestWith(['washed-wiped', 0.001, null])]
    #[TestWith(['washed-wiped', 0.5, 4])]
    #[TestWith(['sanded', 0.5, null])]
    public function testHowLongAPatchTakes(string $technique, float $area, ?int $dwell): void
    {
        $act = self::act(
            'A1',
            'sanded' === $technique ? null : Given::paint(),
            $area,
            $technique,
            detail: StepDetail::of(grit: 'sanded' === $technique ? 180 : null, dwell: $dwell),
        );
        $wiped = 'washed-wiped' === $technique;
        $all = 60 * $area / $act->work->step->profile->rate;
        $each = max(15, (int) ceil($wiped ? $all / 2 : $all));
        $timing = (new TimePatch())->time($act, self::board()) ?? self::fail('it takes time');
        self::assertSame([$each, 60 * ($dwell ?? 0), $wiped ? $each : 0], [$timing->lay, $timing->dwell, $timing->wipe]);
        $stated = (new TimePatch())->time($act, self::board(40, 20)) ?? self::fail('it takes time');
        self::assertSame([40, $wiped ? 20 : 0], [$stated->lay, $stated->wipe]);
    }

    public function testWaitingTakesNobody(): void
    {
        self::assertNull((new TimePatch())->time(self::act('A1', null, technique: 'rested'), self::board()));
    }

    /** Thirty shades, darkest first, are painted as 24; what is even as one; and as the step lays them that parted them last. */
    public function testHowAPatchIsPainted(): void
    {
        $many = Pattern::of(
            Spread::Stripes,
            array_map(static fn (int $i): array => [1 / 30, 0.1 * $i], range(30, 1)),
            [[1.0, 1.0]],
            [[1.0, 1.0]],
            [[1.0, 1.0]],
        );
        $steps = [
            Flat::lays('base', Pattern::even(), Flat::of(k: 0.02, s: 0.2)),
            Flat::lays('stripes', $many, Flat::of(k: 0.003)),
            Flat::lays('veil', Pattern::even(), Flat::of(k: 0.0001)),
        ];
        $course = Flat::build()->course(Flat::origin(), $steps, Zone::Field);
        $face = PatchFace::of($course);
        self::assertCount(24, $face->colours);
        self::assertEqualsWithDelta(1.0, array_sum($face->shares), 1e-3);
        self::assertSame([Spread::Stripes, 'stripes'], [$face->spread, $face->way]);
        $light = array_map(static fn (string $hex): float => (float) hexdec(substr($hex, 1, 2)), $face->colours);
        $sorted = $light;
        sort($sorted);
        self::assertSame($sorted, $light, 'the darkest first');
        self::assertSame([round(2 / 30, 4), round(1 / 30, 4)], [max([0.0, ...$face->shares]), min([1.0, ...$face->shares])]);
        $even = PatchFace::of(\array_slice($course, 0, 2));
        self::assertSame([1, [1.0], null, null], [\count($even->colours), $even->shares, $even->spread, $even->way]);
        $halves = Pattern::of(Spread::Patches, [[0.3, 1.0], [0.7, 0.0]], [[1.0, 1.0]], [[1.0, 1.0]], [[1.0, 1.0]]);
        $two = PatchFace::of(WorkOnZone::all(
            $course[1],
            [Flat::lays('half', $halves, Flat::of(k: 0.01))],
            Zone::Field,
            256,
        ));
        self::assertSame([0.3, 0.7], $two->shares);
        $three = PatchFace::of(WorkOnZone::all(
            $course[1],
            [Flat::lays('three', Pattern::of(
                Spread::Patches,
                [[0.01, 3.0], [0.07, 2.0], [0.92, 1.0]],
                [[1.0, 1.0]],
                [[1.0, 1.0]],
                [[1.0, 1.0]],
            ), Flat::of(k: 0.01))],
            Zone::Field,
            256,
        ));
        self::assertSame([0.01, 0.07, 0.92], $three->shares, 'a shade by where its middle lies');
        self::assertSame(
            [$course[1]->patches[0]->with(Flat::film('x', Flat::of(k: 0.01)))->hex(), $course[1]->patches[0]->hex()],
            $two->colours,
        );
    }
}
