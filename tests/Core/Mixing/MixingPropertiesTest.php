<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\MeasureAtHand;
use Inlaid\Core\Measure\Quantity;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\FindMeasurableBatch;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Mixing\InvalidMix;
use Inlaid\Core\Mixing\MakeBatch;
use Inlaid\Core\Mixing\MarkCup;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Mixing\Vessel;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * Mixing is exact: whatever the tree and whatever the batch.
 */
final class MixingPropertiesTest extends TestCase
{
    use Randomly;

    public function testLeavesSumToTheYieldAndKeepEveryRatioToTheLastDigit(): void
    {
        $this->manyTimes(120, function (): void {
            $tree = $this->tree(3);
            $flat = (new FlattenMix())->flatten($tree);
            $batch = (new MakeBatch())->toYield($flat, $this->rational(1, 900, 7));
            $sum = BigRational::zero();
            foreach ($batch->lines as $i => $line) {
                $sum = $sum->plus($line->volume);
                self::assertTrue($line->mass->isEqualTo($line->volume->multipliedBy($line->material->body->density)));
                self::assertTrue($line->measured->multipliedBy($line->material->body->asMeasured())->isEqualTo($line->mass));
                self::assertTrue($line->mass->multipliedBy($flat->leaves[0]->mass)->isEqualTo(
                    $batch->lines[0]->mass->multipliedBy($flat->leaves[$i]->mass),
                ));
            }
            self::assertTrue($sum->isEqualTo($batch->yield), "$sum is not $batch->yield");
        });
    }

    /**
     * The independent way round: put the parts of the root together as separate pots and compare what is in them.
     */
    public function testATreeHoldsWhatItsBranchesHold(): void
    {
        $this->manyTimes(80, function (): void {
            $tree = $this->tree(3);
            $grams = [];
            foreach ($tree->parts as $part) {
                $child = (new FlattenMix())->flatten($part->of);
                foreach ($child->leaves as $leaf) {
                    $perUnit = match (true) {
                        Basis::ByMass === $tree->basis => $leaf->mass->dividedBy($this->gramsPerMl($child)),
                        $part->of instanceof Material => $leaf->material->body->asMeasured(),
                        default => $leaf->mass,
                    };
                    $grams[$leaf->material->id] = (
                        $grams[$leaf->material->id] ?? BigRational::zero()
                    )->plus($perUnit->multipliedBy($part->share));
                }
            }
            $flat = (new FlattenMix())->flatten($tree);
            self::assertCount(\count($grams), $flat->leaves);
            foreach ($flat->leaves as $leaf) {
                $first = $flat->leaves[0];
                self::assertTrue(
                    $leaf->mass->multipliedBy(
                        $grams[$first->material->id],
                    )->isEqualTo($first->mass->multipliedBy($grams[$leaf->material->id])),
                );
            }
        });
    }

    /**
     * One scoop of powder (0.8 g/ml scooped, 2.4 true) and one of water: 0.8 g fills 1/3 ml, so the yield is 4/3 ml.
     */
    public function testPowderAndWaterDoNotAdd(): void
    {
        $milk = Mixture::of(
            'Milk paint',
            Basis::ByVolume,
            [Part::of(BigRational::one(), Given::powder()), Part::of(BigRational::one(), Given::water())],
        );
        $batch = (new MakeBatch())->fromAllOf((new FlattenMix())->flatten($milk), 'powder', Quantity::grams(80));
        self::assertSame('400/3', (string) $batch->yield);
        self::assertSame(['100', '100'], array_map(static fn ($l): string => (string) $l->measured, $batch->lines));
        self::assertSame('100/3', (string) $batch->lines[1]->volume, 'the water comes first');
    }

    public function testAMixOfNothingAndAMissingIngredientAreRefused(): void
    {
        $flat = (new FlattenMix())->flatten(Given::paint());
        foreach ([
            static fn () => Mixture::of('Empty', Basis::ByVolume, [Part::of(BigRational::zero(), Given::paint())]),
            static fn () => Part::of(BigRational::of(-1), Given::paint()),
            static fn () => (new MakeBatch())->fromAllOf($flat, 'water', Quantity::millilitres(3)),
            static fn () => (new MakeBatch())->toYield($flat, BigRational::zero()),
            static fn () => Vessel::cup('Nothing', 0, 60, 100),
        ] as $nonsense) {
            try {
                $nonsense();
                self::fail('Nonsense was accepted.');
            } catch (InvalidMix $refusal) {
                self::assertNotSame('', $refusal->getMessage());
            }
        }
    }

    /**
     * No smaller batch within tolerance exists: compared with a search over every amount of every ingredient.
     */
    public function testTheMeasurableBatchIsTheSmallest(): void
    {
        $this->manyTimes(25, function (): void {
            $measures = [];
            foreach (range(1, $this->int(1, 3)) as $m) {
                $step = $this->rational(1, 12, 2);
                $measures[] = MeasureAtHand::of("m$m", $step, $step->multipliedBy($this->int(1, 3)));
            }
            $parts = [Part::of($this->rational(1, 4, 2), Given::powder()), Part::of($this->rational(1, 6, 2), Given::water())];
            if ($this->int(0, 1)) {
                $parts[] = Part::of($this->rational(1, 4, 1), Given::paint());
            }
            $flat = (new FlattenMix())->flatten(Mixture::of('m', Basis::ByVolume, $parts));
            $need = $this->rational(5, 60, 3);
            $tolerance = BigRational::nd($this->int(1, 15), 100);
            $found = (new FindMeasurableBatch())->find($flat, $need, $measures, $tolerance);
            $least = $this->exhaustive($flat, $need, $measures, $tolerance);
            self::assertSame(
                null === $least ? 'none' : (string) $least,
                null === $found ? 'none' : (string) $found->yield,
                "need $need, tolerance $tolerance",
            );
        });
    }

    /**
     * The marks are checked against the cup's own geometry, summed slice by slice.
     */
    public function testMarksIntegrateBackToTheVolumes(): void
    {
        $this->manyTimes(100, function (): void {
            [$a, $b, $c, $d] = array_map(fn (): float => $this->float(30, 200), range(1, 4));
            $high = $this->float(20, 150);
            [$vessel, $area] = $this->int(0, 1)
                ? [Vessel::cup('cup', $a, $b, $high), static fn (float $t): float => \M_PI / 4 * ($a + ($b - $a) * $t) ** 2]
                : [
                    Vessel::tray('tray', [$a, $b], [$c, $d], $high),
                    static fn (float $t): float => ($a + ($c - $a) * $t) * ($b + ($d - $b) * $t),
                ];
            $pours = array_map(fn (int $i): array => ["p$i", "P$i", $vessel->capacity() * $this->float(0.01, 0.3)], range(1, 3));
            $last = 0.0;
            foreach ((new MarkCup())->mark($vessel, $pours) as $i => $mark) {
                self::assertNotNull($mark->height);
                $between = 0.0;
                for ($slice = 0; $slice < 500; ++$slice) {
                    $between += $area(
                        ($last + ($mark->height - $last) * ($slice + 0.5) / 500) / $high,
                    ) * ($mark->height - $last) / 500 / 1000;
                }
                self::assertEqualsWithDelta($pours[$i][2], $between, 1e-5 * $vessel->capacity());
                $last = $mark->height;
            }
        });
        self::assertNull(Vessel::cup('small', 50, 60, 80)->heightOf(1000.0));
    }

    /**
     * 30 mm radius, 100 mm high, straight: π · 9 cm² · 10 cm = 282.743 ml; a 60/80 mm taper over 100 mm: 387.463 ml.
     */
    public function testKnownCups(): void
    {
        self::assertEqualsWithDelta(282.7433, Vessel::cup('straight', 60, 60, 100)->capacity(), 1e-4);
        self::assertEqualsWithDelta(387.4631, Vessel::cup('tapered', 60, 80, 100)->capacity(), 1e-4);
        self::assertEqualsWithDelta(50.0, (float) Vessel::cup('straight', 60, 60, 100)->heightOf(141.37167), 1e-4);
    }

    private function tree(int $depth): Mixture
    {
        $parts = [];
        foreach (range(1, $this->int(2, 3)) as $i) {
            $of = $depth > 1 && $this->int(0, 2) > 0
                ? $this->tree($depth - 1)
                : [Given::water(), Given::powder(), Given::paint('paint', '1.37'), Given::paint('other', '1.1')][$this->int(0, 3)];
            $parts[] = Part::of($this->rational(1, 9, 4), $of);
        }

        return Mixture::of("mix $depth", $this->int(0, 1) ? Basis::ByVolume : Basis::ByMass, $parts);
    }

    private function gramsPerMl(FlatMix $flat): BigRational
    {
        return array_reduce($flat->leaves, static fn (BigRational $s, $l): BigRational => $s->plus($l->mass), BigRational::zero());
    }

    /**
     * @param list<MeasureAtHand> $measures
     */
    private function exhaustive(FlatMix $flat, BigRational $need, array $measures, BigRational $tolerance): ?BigRational
    {
        $amounts = $scooped = [];
        foreach ($measures as $m) {
            $isSpoon = $m->step->isEqualTo($m->capacity);
            for ($k = 1; $k <= FindMeasurableBatch::MOST_FILLS * (int) $m->capacity->dividedBy($m->step)->toFloat(); ++$k) {
                $amounts[$ml = (string) $m->step->multipliedBy($k)->simplified()] = $m->step->multipliedBy($k)->toFloat();
                $scooped += $isSpoon ? [$ml => true] : []; // a powder sticks in a syringe
            }
        }
        $total = array_sum(array_map(static fn ($l): float => $l->measured()->toFloat(), $flat->leaves));
        $wanted = array_map(static fn ($l): float => $l->measured()->toFloat() / $total, $flat->leaves);
        $combos = [[]];
        foreach ($flat->leaves as $leaf) {
            $combos = array_merge(...array_map(
                static fn (array $c): array => array_map(
                    static fn (string $a): array => [...$c, $a],
                    array_map(strval(...), array_keys('powder' === $leaf->material->id ? $scooped : $amounts)),
                ),
                $combos,
            ));
        }
        $best = null;
        foreach ($combos as $combo) {
            $sum = array_sum(array_map(static fn (string $a): float => $amounts[$a], $combo));
            foreach ($combo as $i => $a) {
                if (abs($amounts[$a] / $sum / $wanted[$i] - 1) > $tolerance->toFloat() + 1e-9) {
                    continue 2;
                }
            }
            $yield = $exactSum = BigRational::zero();
            foreach ($combo as $i => $a) {
                $yield = $yield->plus(
                    BigRational::of($a)->multipliedBy($flat->leaves[$i]->volume)->dividedBy($flat->leaves[$i]->measured()),
                );
                $exactSum = $exactSum->plus($a);
            }
            if ($yield->isLessThan($need) || (null !== $best && $yield->isGreaterThanOrEqualTo($best))) {
                continue;
            }
            $measured = array_reduce(
                $flat->leaves,
                static fn (BigRational $s, $l): BigRational => $s->plus($l->measured()),
                BigRational::zero(),
            );
            $off = array_map(
                static fn (string $a, $l): BigRational => BigRational::of($a)->dividedBy($exactSum)->dividedBy(
                    $l->measured()->dividedBy($measured),
                )->minus(1)->abs(),
                $combo,
                $flat->leaves,
            );
            if ([] === array_filter($off, static fn (BigRational $o): bool => $o->isGreaterThan($tolerance))) {
                $best = $yield->simplified();
            }
        }

        return $best;
    }
}
