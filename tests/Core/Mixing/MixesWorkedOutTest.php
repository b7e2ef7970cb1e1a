<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Context\MeasuredBy;
use Inlaid\Core\Measure\MeasureAtHand;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\Contents;
use Inlaid\Core\Mixing\DeriveCharacter;
use Inlaid\Core\Mixing\DescribeMixing;
use Inlaid\Core\Mixing\FindMeasurableBatch;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Mixing\MakeLadder;
use Inlaid\Core\Mixing\MarkCup;
use Inlaid\Core\Mixing\MeasuredLine;
use Inlaid\Core\Mixing\MeasureNearest;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Mixing\Portion;
use Inlaid\Core\Mixing\Vessel;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Core\Bounds;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * Mixes, worked out: what they are like, how they are mixed, and the batches that spoons, scales and drops can measure, as mixes.yaml has
 * them.
 */
final class MixesWorkedOutTest extends TestCase
{
    use Bounds;

    private const FILE = __DIR__.'/mixes.yaml';

    /**
     * @return iterable<string, array{array<string, string>, 1?: Basis}>
     */
    public static function mixes(): iterable
    {
        yield 'a wash' => [['platform-slate' => '1', 'water' => '3']];
        yield 'thinner than its label allows' => [['trim-paint-oil' => '1', 'mineral-spirit' => '2']];
        yield 'as thin as its label allows' => [['signal-cream' => '1', 'water' => '4']];
        yield 'a glaze' => [['glazing-medium' => '5', 'lamp-soot' => '1']];
        yield 'a glaze with more paint than medium' => [['glazing-medium' => '1', 'lamp-soot' => '2']];
        yield 'a glaze of halves' => [['glazing-medium' => '1', 'lamp-soot' => '1']];
        yield 'milk paint' => [['halt-ochre' => '2', 'water' => '3']];
        yield 'milk paint by weight' => [['halt-ochre' => '1', 'water' => '1'], Basis::ByMass];
        yield 'two milk paints' => [['halt-ochre' => '3', 'bracken-red' => '1', 'water' => '4']];
        yield 'three colours and water' => [['signal-cream' => '6', 'engine-green' => '2', 'lamp-soot' => '1', 'water' => '1']];
        yield 'two sheens' => [['topcoat-matt' => '3', 'topcoat-satin' => '2']];
        yield 'a breath of gloss' => [['topcoat-matt' => '99', 'topcoat-satin' => '1']];
        yield 'oil in water' => [['signal-cream' => '4', 'penetrating-oil' => '1']];
        yield 'wax, softer' => [['clear-wax' => '9', 'wax-softener' => '1']];
        yield 'only water' => [['water' => '1']];
        yield 'a ratio nobody measures' => [['signal-cream' => '97', 'lamp-soot' => '3']];
    }

    /**
     * @param array<string, string> $parts
     */
    #[DataProvider('mixes')]
    public function testWorkedOut(array $parts, Basis $basis = Basis::ByVolume): void
    {
        $mix = (new FlattenMix())->flatten(Analysed::mix($parts, $basis));
        $shop = Analysed::shop();
        $character = (new DeriveCharacter())->derive($mix);
        $batches = [];
        foreach (['12', '85', '330', '1200'] as $ml) {
            foreach ([MeasuredBy::Anything, MeasuredBy::Drops] as $by) {
                $found = (new FindMeasurableBatch())->find($mix, BigRational::of($ml), $by->measures($shop), $shop->tolerance);
                $batches["$ml ml by ".strtolower($by->name)] = null === $found ? 'cannot' : \sprintf(
                    '%s = %s ml, %s over, %s off, %d fills%s',
                    implode(' + ', array_map(self::line(...), $found->lines)),
                    self::figure($found->yield),
                    self::figure($found->surplus),
                    self::figure($found->error),
                    $found->fills(),
                    $found->smallest ? '' : ', perhaps not the smallest',
                );
            }
        }
        $some = Contents::ofMix($mix, BigRational::of(100));
        $first = array_key_first($some->portions);
        $half = Contents::of([Portion::of($some->portions[$first]->material, $some->portions[$first]->grams->dividedBy(2))]);
        Said::assertSame(self::FILE, (string) $this->dataName(), [
            'is' => Said::line($character, ['handling']),
            'dries' => Said::line($character->handling),
            'spread' => null === $character->spread() ? null : round($character->spread(), 3),
            'too thin' => $character->isOverThinned(),
            'breaks' => $character->breaks(),
            'main' => $mix->main()?->id,
            'slakes' => $mix->slakes(),
            'price' => null === $mix->pricePerMl ? null : round($mix->pricePerMl, 5),
            'cautions' => \count($mix->cautions()),
            'made' => (new DescribeMixing())->steps($mix),
            'of half the first' => self::figure($mix->leastYield($half)),
            'off' => self::figure($half->offFrom($mix)),
            'batches' => $batches,
            'nearest' => array_values(array_map(
                static fn (Portion $p): string => self::line((new MeasureNearest())->find($p, $shop->measures)),
                $some->portions,
            )),
        ]);
    }

    /** Cups by hand: a straight one of 100 mm holds 7.854 ml in a millimetre; a tray of 100 × 200 mm 20 ml. */
    public function testCups(): void
    {
        $straight = Vessel::cup('Straight', 100, 100, 100);
        $cone = Vessel::cup('Cone', 60, 100, 120);
        $tray = Vessel::tray('Tray', [100, 200], [100, 200], 50);
        self::assertEqualsWithDelta([785.398, 392.699, 1000.0], [$straight->capacity(), $straight->volumeAt(50), $tray->capacity()], 0.001);
        // A frustum: π h (r² + r R + R²) ÷ 3.
        self::assertEqualsWithDelta(\M_PI * 120 * (900 + 1500 + 2500) / 3000, $cone->capacity(), 1e-9);
        self::assertEqualsWithDelta(
            [50.0, 25.0, 0.0],
            [$straight->heightOf(392.699), $tray->heightOf(500.0), $straight->heightOf(0.0)],
            0.001,
        );
        self::assertNull($straight->heightOf(786.0));
        self::assertEqualsWithDelta(100.0, $straight->heightOf($straight->capacity()), 1e-6, 'to the brim');
        foreach ([10, 60, 119] as $mm) {
            self::assertEqualsWithDelta($mm, $cone->heightOf($cone->volumeAt($mm)), 1e-6);
        }
        $choose = static fn (float $ml): ?string => (new MarkCup())->choose([$straight, $cone, $tray], $ml)?->name;
        self::assertSame(['Cone', 'Cone', 'Straight', 'Straight', 'Tray', 'Tray', null], array_map($choose, [
            10.0, $cone->capacity() / 1.1 - 0.01, $cone->capacity() / 1.1 + 0.01, 713.9, 714.1, 909.0, 909.2,
        ]), 'the smallest in which a tenth stays free');
        $refused = self::refusal(static fn () => Vessel::cup('', 0, 10, 10));
        self::assertNotNull($refused);
        self::assertNull(self::refusal(static fn () => Vessel::cup('', 0.5, 0.5, 0.5)), 'a thimble');
        foreach (['bottom', 'top', 'height'] as $i => $_) {
            $with = static fn (float $v): array => array_replace([50.0, 60.0, 70.0], [$i => $v]);
            self::assertBounds(static fn (float $v) => Vessel::cup('', ...$with($v)), null, 2000.0, 0.001, $refused);
            self::assertNotNull(self::refusal(static fn () => Vessel::cup('', ...$with(0.0))));
            self::assertNotNull(self::refusal(static fn () => Vessel::cup('', ...$with(\NAN))));
        }
    }

    /** From two rungs to twelve, both ends among them. */
    public function testALadderHasFromTwoToTwelveRungs(): void
    {
        $mix = static fn (string $water): FlatMix => (new FlattenMix())->flatten(
            Analysed::mix(['platform-slate' => '1', 'water' => $water]),
        );
        $rungs = static fn (float $n): array => (new MakeLadder())->make($mix('1'), $mix('4'), (int) $n, BigRational::of(10));
        $refused = self::refusal(static fn () => $rungs(1));
        self::assertNotNull($refused);
        self::assertBounds($rungs, 2.0, 12.0, 1.0, $refused);
        self::assertSame([2, 12], [\count($rungs(2)), \count($rungs(12))]);
    }

    private static function line(?MeasuredLine $line): string
    {
        return null === $line ? 'cannot' : \sprintf(
            '%d × %s %s (%s) %s',
            $line->steps,
            self::figure($line->measure->step),
            $line->measure->name,
            self::figure($line->amount()),
            $line->material->id,
        );
    }

    private static function figure(BigRational $of): string
    {
        return (string) (float) \sprintf('%.5g', $of->toFloat());
    }

    /**
     * Nine to five to three by whole millilitres, for 5 ml: 3, 2 and 1. The middle one is off by most, 2 ÷ 6 against 5 ÷ 17: 2 in 15.
     *
     * @param list<int> $parts
     * @param list<int> $ml
     */
    #[TestWith([[9, 5, 3], 5, [3, 2, 1], '2/15'])]
    #[TestWith([[8, 5, 3], 21, [10, 7, 4], '1/15'])]
    #[TestWith([[6, 4, 3], 14, [7, 4, 3], '1/12'])]
    public function testTheLargestErrorIsTheError(array $parts, int $need, array $ml, string $error): void
    {
        $mix = (new FlattenMix())->flatten(Mixture::of('Mix', Basis::ByVolume, array_map(
            static fn (int $n, int $i): Part => Part::of(BigRational::of($n), Given::paint("paint-$i")),
            $parts,
            array_keys($parts),
        )));
        $batch = (new FindMeasurableBatch())->find(
            $mix,
            BigRational::of($need),
            [MeasureAtHand::of('syringe', BigRational::one(), BigRational::of(20))],
            BigRational::of('1/5'),
        ) ?? self::fail('it can be measured');
        self::assertSame($ml, array_map(static fn (MeasuredLine $l): int => $l->steps, $batch->lines));
        self::assertSame($error, (string) $batch->error);
    }
}
