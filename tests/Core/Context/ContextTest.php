<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Context;

use Brick\Math\BigRational;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Context\MeasuredBy;
use Inlaid\Core\Context\PotAtHand;
use Inlaid\Core\Drying\Air;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Drying\DayCurve;
use Inlaid\Core\Drying\Place;
use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\MeasureAtHand;
use Inlaid\Core\Measure\Quantity;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Practice\PersonalFactors;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Core\Given;
use PHPUnit\Framework\TestCase;

/**
 * The studio as it is now: its air, its measures, its pots.
 */
final class ContextTest extends TestCase
{
    public function testABatchIsMeasuredWithWhatIsChosen(): void
    {
        $names = static fn (MeasuredBy $by, Context $in): array => array_map(
            static fn (MeasureAtHand $m): string => $m->name,
            $by->measures($in),
        );
        $shop = Analysed::shop();
        self::assertSame(['syringe', 'jug', 'scale'], $names(MeasuredBy::Anything, $shop));
        self::assertSame(['scale'], $names(MeasuredBy::Weight, $shop));
        self::assertSame(['bench scale'], $names(MeasuredBy::Weight, Analysed::context()), 'one that shows tenths, where none is named');
        [$scale] = MeasuredBy::Weight->measures(Analysed::context());
        self::assertSame(['1/10', '2000', Dimension::Mass], [(string) $scale->step, (string) $scale->capacity, $scale->dimension]);
        self::assertTrue(MeasuredBy::Drops->measures($shop)[0]->step->isEqualTo($shop->drop));
        self::assertSame(
            ['scale'],
            array_map(static fn (MeasureAtHand $m): string => $m->name, $shop->measuring(MeasuredBy::Weight)->measures),
        );
    }

    /** 1 : 3 in the pot is the mix of 1 : 3, within the tolerance; nothing else is, and nothing is taken of an empty one. */
    public function testAPotHoldsAMixOrItDoesNot(): void
    {
        $mix = (new FlattenMix())->flatten(Analysed::mix(['platform-slate' => '1', 'water' => '3']));
        $holds = static fn (array $grams): ?float => (new PotAtHand('p', 'Pot', null, array_map(BigRational::of(...), $grams)))
            ->holds($mix, BigRational::of('0.02'))?->toFloat();
        self::assertEqualsWithDelta(400.0, $holds(['platform-slate' => 142, 'water' => 300]), 1e-9);
        self::assertEqualsWithDelta(404.0, $holds(['platform-slate' => 142, 'water' => 304]), 1e-9, 'a little off is borne');
        self::assertNull($holds(['platform-slate' => 142, 'water' => 330]));
        self::assertNull($holds(['platform-slate' => 142]));
        self::assertNull($holds(['platform-slate' => 142, 'lamp-soot' => 300]));
        self::assertNull($holds(['lamp-soot' => 142, 'water' => 300]));
        self::assertNull($holds(['platform-slate' => 142, 'water' => 300, 'lamp-soot' => 1]));
        self::assertNull($holds(['platform-slate' => 0, 'water' => 0]));
        $until = PotAtHand::endOf(new \DateTimeImmutable('2026-11-25 00:00', new \DateTimeZone('UTC')));
        self::assertSame('2026-11-25', (new PotAtHand('p', 'Pot', $until, []))->lastDay());
        self::assertNull((new PotAtHand('p', 'Pot', null, []))->lastDay());
    }

    /** Each change changes its own, and what was changed before is kept. */
    public function testTheSameButForOneThing(): void
    {
        $cold = Climate::of(8, 70, Air::Still);
        $stove = new Place(id: 'stove', name: 'By the stove', air: DayCurve::steady(Climate::of(25, 40)), holds: 2);
        $usual = new Context(
            now: 1_764_054_000,
            working: WorkingTime::of('UTC', array_fill(1, 5, [[480, 1020]])),
            climate: Climate::reference(),
            units: Given::context()->units,
            measures: [],
            vessels: [],
            drop: BigRational::of('0.05'),
            tolerance: BigRational::of('0.02'),
            schools: ['last-grit' => '120'],
            rate: 30.0,
            flame: true,
            places: ['stove' => $stove],
            helper: WorkingTime::of('UTC', [1 => [[480, 540]]]),
        );
        $pot = new PotAtHand('p', 'Pot', null, []);
        $own = new PersonalFactors(['brushed' => 2.0]);
        $all = $usual->withStock(['paint' => Quantity::millilitres(100)])->withPots([$pot])->withOwn($own)->atPlace('stove')
            ->inAir(static fn (Climate $c): Climate => $c->warmedTo(30.0))->measuring(MeasuredBy::Drops);
        self::assertSame([$pot], $all->pots);
        self::assertSame($own, $all->own);
        self::assertSame([30.0, 30.0, true, ['last-grit' => '120']], [$all->climate->temperature, $all->rate, $all->flame, $all->schools]);
        self::assertSame(2, $all->places['stove']->holds);
        self::assertEqualsWithDelta(30.0, $all->places['stove']->air->noon()->temperature, 1e-9);
        self::assertEqualsWithDelta(30.0, $all->day()->noon()->temperature, 1e-9);
        self::assertCount(1, $all->measures);
        self::assertCount(2, $usual->hands());
        self::assertCount(1, Given::context()->hands());
        self::assertEqualsWithDelta(25.0, $usual->air('stove')->noon()->temperature, 1e-9);
        self::assertSame($usual->climate, $usual->air('elsewhere')->noon());
        self::assertSame($usual->climate, $usual->air(null)->noon());
        self::assertSame($cold, $usual->atPlace('stove', DayCurve::steady($cold))->climate, 'as it was measured');
        self::assertTrue(true === $all->left(Given::paint())?->isEqualTo(130));
        self::assertNull($all->left(Given::water()));
        self::assertSame(120, $usual->habits(Given::practices(), \Inlaid\Tests\Core\Made::recipe([]))->lastGrit);
    }
}
