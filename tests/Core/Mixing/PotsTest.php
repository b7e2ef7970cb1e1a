<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\Component;
use Inlaid\Core\Mixing\Contents;
use Inlaid\Core\Mixing\CorrectPot;
use Inlaid\Core\Mixing\FindEvaporated;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Mixing\FollowPour;
use Inlaid\Core\Mixing\InvalidMix;
use Inlaid\Core\Mixing\MakeLadder;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Mixing\PoolLeftovers;
use Inlaid\Core\Mixing\Portion;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What to do with a pot: put it right, use up leftovers, grade a series, restore what evaporated.
 */
final class PotsTest extends TestCase
{
    use Randomly;

    /**
     * 1 paint (1.3 g/ml) to 3 water. 100 ml of paint and 400 of water are too thin: the water would do for 533 1/3 ml, so 33 1/3 ml of
     * paint are missing, 43 1/3 g.
     */
    public function testAnOverThinnedPotIsRescued(): void
    {
        $wash = $this->wash();
        $pot = $this->pot([Given::paint(), '130'], [Given::water(), '400']);
        $found = (new CorrectPot())->correct($pot, $wash);
        self::assertSame('1600/3', (string) $found->yield);
        self::assertSame(['paint'], array_keys($found->add->portions));
        self::assertSame('130/3', (string) $found->add->grams('paint'));
        self::assertTrue($found->pouredOff->isEmpty());
        self::assertNull($found->nearest);
    }

    /**
     * The same in a jar of 510 ml: 533 1/3 ml do not go in, so 510 ÷ 533 1/3 = 153/160 of the pot are kept, 478.125 ml, and 31.875 of paint
     * added.
     * What was poured off, 21.875 ml, needs 1.458 1/3 ml for the same.
     */
    public function testWhatDoesNotGoInIsPouredOffFirst(): void
    {
        $found = (new CorrectPot())->correct(
            $this->pot([Given::paint(), '130'], [Given::water(), '400']),
            $this->wash(),
            BigRational::of(510),
        );
        self::assertSame('510', (string) $found->yield);
        self::assertSame('175/8', (string) $found->pouredOff->volume());
        self::assertSame('255/8', (string) $found->add->volume());
        self::assertSame('35/24', (string) $found->addToPouredOff->volume());
        self::assertNull($found->nearest, 'nothing runs out');
    }

    /**
     * With only 13 g of paint left three tenths of it can be put right; or all of it comes to 110 : 400, which is a paint share of 11/51
     * where
     * a quarter is wanted: 7/51 too little.
     */
    public function testWhatRunsOutMakesItSmallerOrLessExact(): void
    {
        $found = (new CorrectPot())->correct(
            $this->pot([Given::paint(), '130'], [Given::water(), '400']),
            $this->wash(),
            null,
            ['paint' => BigRational::of(13)],
        );
        self::assertSame('160', (string) $found->yield);
        self::assertSame('350', (string) $found->pouredOff->volume());
        self::assertSame('13', (string) $found->add->grams('paint'));
        self::assertNotNull($found->nearest);
        self::assertSame('13', (string) $found->nearest->add->grams('paint'));
        self::assertSame('7/51', (string) $found->nearest->error);
        self::assertSame('510', (string) $found->nearest->pot->volume());
        $none = (new CorrectPot())->correct(
            $this->pot([Given::paint(), '130'], [Given::water(), '400']),
            $this->wash(),
            null,
            ['paint' => BigRational::zero()],
        );
        self::assertFalse($none->isReached());
        self::assertSame('1/5', (string) $none->nearest?->error, 'it stays as it is: a fifth too little paint');
    }

    /**
     * @return iterable<string, array{\Closure(self): mixed, string}>
     */
    public static function nonsense(): iterable
    {
        yield 'an empty pot' => [static fn (self $t): mixed => (new CorrectPot())->correct(Contents::of([]), $t->wash()), 'pot is empty'];
        yield 'a stranger' => [
            static fn (self $t): mixed => (new CorrectPot())->correct($t->pot([Given::powder(), '5']), $t->wash()),
            'Powder is in the pot and not in “wash”',
        ];
        yield 'fuller than full' => [
            static fn (self $t): mixed => (new CorrectPot())->correct($t->pot([Given::water(), '50']), $t->wash(), BigRational::of(49)),
            'more than the pot capacity',
        ];
        yield 'one rung' => [
            static fn (self $t): mixed => (new MakeLadder())->make($t->wash(), $t->wash(), 1, BigRational::of(5)),
            '2 to 12 strengths',
        ];
        yield 'a rung of nothing' => [
            static fn (self $t): mixed => (new MakeLadder())->make($t->wash(), $t->wash(), 3, BigRational::zero()),
            'above 0',
        ];
        yield 'heavier than it was' => [
            static fn (self $t): mixed => (new FindEvaporated())->find(
                $t->pot([Given::paint(), '130']),
                BigRational::of(100),
                BigRational::of(101),
                Given::water(),
            ),
            'heavier than when sealed',
        ];
        yield 'lost more than is wet' => [
            static fn (self $t): mixed => (new FindEvaporated())->find(
                $t->pot([Given::paint(), '130']),
                BigRational::of(200),
                BigRational::of(120),
                Given::water(),
            ),
            'more than all the Water',
        ];
        yield 'less than nothing' => [static fn (self $t): mixed => Portion::of(Given::water(), BigRational::of(-1)), 'can\'t be negative'];
    }

    /**
     * @param \Closure(self): mixed $does
     */
    #[DataProvider('nonsense')]
    public function testNonsenseIsRefused(\Closure $does, string $says): void
    {
        $this->expectException(InvalidMix::class);
        $this->expectExceptionMessage($says);
        $does($this);
    }

    /**
     * For any pot and any wanted mix, powders too: the answer gives the ratio exactly, and on a grid of every smaller addition none does.
     * In any vessel
     * it goes in, and a hair less poured off would not.
     */
    public function testACorrectionIsExactAndTheLeast(): void
    {
        $this->manyTimes(30, function (): void {
            $materials = $this->materials($this->int(2, 3));
            $wanted = $this->mixOf($materials);
            $pot = Contents::of(array_map(fn (Material $m): Portion => Portion::of($m, $this->rational(1, 40, 4)), $materials));
            $found = (new CorrectPot())->correct($pot, $wanted);
            self::assertTrue($this->isInRatio($pot->plus($found->add), $wanted), 'exact');
            self::assertTrue($pot->plus($found->add)->volume()->isEqualTo($found->yield));
            $adds = array_map(static fn (Material $m): BigRational => $found->add->grams($m->id), $materials);
            foreach ($this->grid(\count($materials), 5) as $steps) {
                $less = Contents::of(array_map(
                    static fn (Material $m, BigRational $a, int $k): Portion => Portion::of($m, $a->multipliedBy(BigRational::nd($k, 5))),
                    $materials,
                    $adds,
                    $steps,
                ));
                if (!$less->mass()->isEqualTo($found->add->mass())) {
                    self::assertFalse($this->isInRatio($pot->plus($less), $wanted), 'a smaller addition does as well');
                }
            }

            $holds = $pot->volume()->multipliedBy(BigRational::nd($this->int(10, 14), 10));
            $in = (new CorrectPot())->correct($pot, $wanted, $holds);
            $kept = $pot->times(BigRational::one()->minus($in->pouredOff->volume()->dividedBy($pot->volume())));
            self::assertTrue($this->isInRatio($kept->plus($in->add), $wanted));
            self::assertTrue($in->yield->isLessThanOrEqualTo($holds), 'it goes in');
            self::assertTrue($in->pouredOff->isEmpty() || $in->yield->isEqualTo($holds), 'and no less need be poured off');
            if (!$in->pouredOff->isEmpty()) {
                self::assertTrue(
                    $this->isInRatio($in->pouredOff->plus($in->addToPouredOff), $wanted),
                    'what is poured off can become the same',
                );
            }
        });
    }

    /**
     * Where something runs out: no addition on a grid of what there is comes nearer, and nothing more is used than there is.
     */
    public function testNothingComesNearerThanTheNearest(): void
    {
        $this->manyTimes(20, function (): void {
            $materials = $this->materials(3);
            $wanted = $this->mixOf($materials);
            $pot = Contents::of(array_map(fn (Material $m): Portion => Portion::of($m, BigRational::of($this->int(1, 30))), $materials));
            $have = array_combine(
                array_map(static fn (Material $m): string => $m->id, $materials),
                array_map(fn (): BigRational => BigRational::of($this->int(0, 6)), $materials),
            );
            $found = (new CorrectPot())->correct($pot, $wanted, null, $have);
            foreach ($have as $id => $grams) {
                self::assertTrue($found->add->grams($id)->isLessThanOrEqualTo($grams), 'no more than there is');
            }
            if (null === $found->nearest) {
                return;
            }
            self::assertTrue(
                $this->error($pot->plus($found->nearest->add), $wanted)->isEqualTo($found->nearest->error),
                'the error is the true one',
            );
            foreach ($this->grid(3, 6) as $steps) {
                $try = Contents::of(array_map(
                    static fn (Material $m, int $k): Portion => Portion::of($m, $have[$m->id]->multipliedBy(BigRational::nd($k, 6))),
                    $materials,
                    $steps,
                ));
                self::assertTrue(
                    $this->error($pot->plus($try), $wanted)->isGreaterThanOrEqualTo($found->nearest->error),
                    'a grid point is nearer',
                );
            }
        });
    }

    /**
     * The most that can be made of leftovers equals an exhaustive search over every vertex of what is possible; nothing is used that is not
     * there.
     */
    public function testAPoolIsTheMostThereCanBe(): void
    {
        $this->manyTimes(30, function (): void {
            $materials = $this->materials(2);
            $wanted = $this->mixOf($materials);
            $pots = array_map(
                fn (): Contents => Contents::of(array_map(
                    fn (Material $m): Portion => Portion::of($m, BigRational::of($this->int(0, 9))),
                    $materials,
                )),
                range(1, $this->int(1, 3)),
            );
            $have = 1 === $this->int(0, 1) ? [] : [$materials[0]->id => BigRational::of($this->int(0, 8))];
            $found = (new PoolLeftovers())->most($pots, $wanted, $have);
            self::assertSame((string) $this->exhaustive($pots, $wanted, $have), (string) $found->yield->simplified());
            $this->isMade($found->yield, $found->taken, $found->add, $pots, $wanted, $have);
            // half as much: all of it from leftovers if they do, and still in the ratio
            $half = (new PoolLeftovers())->making($found->yield->dividedBy(2), $pots, $wanted, $have);
            self::assertNotNull($half);
            $this->isMade($half->yield, $half->taken, $half->add, $pots, $wanted, $have);
            self::assertNull((new PoolLeftovers())->making($found->yield->plus('1/1000'), $pots, $wanted, $have), 'no more can be made');
        });
    }

    /**
     * Poured on a scale one after the other, each a little too much or just right: what is in the pot in the end is exactly the ratio, and
     * no less than was wanted; who
     * pours just right gets just what was wanted.
     */
    public function testTheRestFollowsWhatWasPouredTooMuch(): void
    {
        $this->manyTimes(40, function (): void {
            $materials = $this->materials(3);
            $wanted = $this->mixOf($materials);
            $yield = $this->rational(20, 200, 3);
            $poured = [];
            $over = false;
            foreach ($wanted->leaves as $i => $leaf) {
                $target = (new FollowPour())->follow($wanted, $yield, $poured)->targets->grams($leaf->material->id);
                $last = $i === \count($wanted->leaves) - 1;
                $more = $last || 0 === $this->int(0, 1) ? BigRational::zero() : $this->rational(0, 5, 10);
                $over = $over || $more->isPositive();
                $poured[] = $target->plus($more);
            }
            $end = (new FollowPour())->follow($wanted, $yield, $poured);
            // who poured too much of a later one has to pour the earlier ones up to it
            $pot = Contents::of(array_map(
                static fn (Portion $t, BigRational $g): Portion => Portion::of($t->material, $t->grams->isGreaterThan($g) ? $t->grams : $g),
                array_values($end->targets->portions),
                $poured,
            ));
            self::assertTrue($this->isInRatio($pot, $wanted), 'the ratio, exactly');
            self::assertTrue(
                $pot->volume()->isEqualTo($end->yield) && $end->yield->isGreaterThanOrEqualTo($yield),
                'no less than was wanted',
            );
            self::assertTrue($over || $end->yield->isEqualTo($yield), 'and just that where nothing was too much');
        });
        $this->expectExceptionMessage('are poured');
        (new FollowPour())->follow($this->wash(), BigRational::of(5), [BigRational::one(), BigRational::one(), BigRational::one()]);
    }

    /**
     * A pot with something else in it is not touched.
     */
    public function testAStrangePotIsLeftAlone(): void
    {
        $pots = [$this->pot([Given::paint(), '13'], [Given::powder(), '1']), $this->pot([Given::paint(), '13'], [Given::water(), '10'])];
        $found = (new PoolLeftovers())->most($pots, $this->wash(), ['water' => BigRational::of(500)]);
        self::assertSame(['0', '20', '40'], [(string) $found->taken[0], (string) $found->taken[1], (string) $found->yield]);
        self::assertSame('20', (string) $found->add->grams('water'));
    }

    /**
     * From 1 : 1 to 1 : 4 in four rungs the paint goes 1/2, 2/5, 3/10, 1/5; every rung is as much, and poured from the two ends.
     */
    public function testALadderIsEven(): void
    {
        $end = static fn (int $water): FlatMix => (new FlattenMix())->flatten(Mixture::of(
            'end',
            Basis::ByVolume,
            [Part::of(BigRational::one(), Given::paint()), Part::of(BigRational::of($water), Given::water())],
        ));
        $ladder = (new MakeLadder())->make($end(1), $end(4), 4, BigRational::of(30));
        self::assertSame(
            ['15', '12', '9', '6'],
            array_map(static fn ($r): string => (string) $r->contents->portions['paint']->volume(), $ladder),
        );
        self::assertSame(['0', '10', '20', '30'], array_map(static fn ($r): string => (string) $r->ofSecond, $ladder));
        foreach ($ladder as $rung) {
            self::assertSame('30', (string) $rung->contents->volume());
        }
    }

    /**
     * A pot of 130 g of paint and 300 of water that is 40 g lighter has 260 g of water left; 40 g restore it. Of paint alone that lost 10 g
     * it is said how
     * much it thickened.
     */
    public function testWhatEvaporatedIsRestored(): void
    {
        $find = new FindEvaporated();
        $found = $find->find(
            $this->pot([Given::paint(), '130'], [Given::water(), '300']),
            BigRational::of('612.5'),
            BigRational::of('572.5'),
            Given::water(),
        );
        self::assertSame(
            ['260', '40', '0'],
            [(string) $found->left->grams('water'), (string) $found->restore->grams, (string) $found->thickened],
        );
        $paste = $find->find($this->pot([Given::paint(), '130']), BigRational::of(200), BigRational::of(190), Given::water());
        self::assertSame(
            ['130', '10', '10'],
            [(string) $paste->left->grams('paint'), (string) $paste->restore->grams, (string) $paste->thickened],
        );
    }

    private function wash(): FlatMix
    {
        return (new FlattenMix())->flatten(Mixture::of(
            'wash',
            Basis::ByVolume,
            [Part::of(BigRational::one(), Given::paint()), Part::of(BigRational::of(3), Given::water())],
        ));
    }

    /**
     * @param array{Material, string} ...$portions
     */
    private function pot(array ...$portions): Contents
    {
        return Contents::of(array_map(static fn (array $p): Portion => Portion::of($p[0], BigRational::of($p[1])), $portions));
    }

    /**
     * @return list<Material> a liquid or two and, sometimes, a powder
     */
    private function materials(int $count): array
    {
        $all = [
            Given::paint(density: (string) BigRational::nd($this->int(8, 16), 10)->toBigDecimal()),
            Given::water(),
            1 === $this->int(0, 1) ? Given::powder() : Given::paint('second'),
        ];

        return \array_slice($all, 0, $count);
    }

    /**
     * @param list<Material> $materials
     */
    private function mixOf(array $materials): FlatMix
    {
        return (new FlattenMix())->flatten(Mixture::of(
            'target',
            Basis::ByVolume,
            array_map(fn (Material $m): Part => Part::of(BigRational::of($this->int(1, 6)), $m), $materials),
        ));
    }

    private function isInRatio(Contents $pot, FlatMix $wanted): bool
    {
        $volume = $pot->volume();

        return [] === array_filter(
            $wanted->leaves,
            static fn (Component $l): bool => !$pot->grams($l->material->id)->isEqualTo($l->mass->multipliedBy($volume)),
        );
    }

    /** Largest |share ÷ wanted − 1|. */
    private function error(Contents $pot, FlatMix $wanted): BigRational
    {
        $volume = $pot->volume();
        $error = BigRational::zero();
        foreach ($wanted->leaves as $leaf) {
            $off = $pot->grams($leaf->material->id)->dividedBy($leaf->mass)->dividedBy($volume)->minus(1)->abs();
            $error = $off->isGreaterThan($error) ? $off : $error;
        }

        return $error->simplified();
    }

    /**
     * @return iterable<list<int>> every way to count so far in so many places
     */
    private function grid(int $places, int $to): iterable
    {
        for ($i = 0; $i < ($to + 1) ** $places; ++$i) {
            yield array_map(static fn (int $p): int => intdiv($i, ($to + 1) ** $p) % ($to + 1), range(0, $places - 1));
        }
    }

    /**
     * @param list<BigRational>          $taken
     * @param list<Contents>             $pots
     * @param array<string, BigRational> $have
     */
    private function isMade(BigRational $yield, array $taken, Contents $add, array $pots, FlatMix $wanted, array $have): void
    {
        $sum = $add;
        foreach ($pots as $i => $pot) {
            self::assertTrue(
                $taken[$i]->isLessThanOrEqualTo($pot->volume()) && !$taken[$i]->isNegative(),
                'no more of a pot than is in it',
            );
            $sum = $pot->isEmpty() ? $sum : $sum->plus($pot->times($taken[$i]->dividedBy($pot->volume())));
        }
        foreach ($add->portions as $id => $portion) {
            self::assertTrue($portion->grams->isLessThanOrEqualTo($have[$id] ?? 0), 'no more added than there is');
        }
        self::assertTrue($sum->volume()->isEqualTo($yield), 'so much');
        self::assertTrue($yield->isZero() || $this->isInRatio($sum, $wanted), 'in the ratio');
    }

    /**
     * The largest yield, reckoned apart: at an optimum all but two variables lie at a bound (there are two materials), so every such choice
     * is
     * solved by Cramer's rule, and the best that is possible kept.
     *
     * @param list<Contents>             $pots
     * @param array<string, BigRational> $have
     */
    private function exhaustive(array $pots, FlatMix $wanted, array $have): BigRational
    {
        [$a, $b] = $wanted->leaves;
        // columns: pots, additions of a and b, yield; each with its largest value, null for none
        $columns = [];
        foreach ($pots as $pot) {
            $columns[] = [$pot->grams($a->material->id), $pot->grams($b->material->id), BigRational::one()];
        }
        $columns[] = [BigRational::one(), BigRational::zero(), $have[$a->material->id] ?? BigRational::zero()];
        $columns[] = [BigRational::zero(), BigRational::one(), $have[$b->material->id] ?? BigRational::zero()];
        $columns[] = [$a->mass->negated(), $b->mass->negated(), null];
        $n = \count($columns);
        $best = BigRational::zero();
        for ($p = 0; $p < $n; ++$p) {
            for ($q = $p + 1; $q < $n; ++$q) {
                $determinant = $columns[$p][0]->multipliedBy($columns[$q][1])->minus($columns[$q][0]->multipliedBy($columns[$p][1]));
                if ($determinant->isZero()) {
                    continue;
                }
                $others = array_values(array_diff(range(0, $n - 1), [$p, $q]));
                for ($ways = 0; $ways < 2 ** \count($others); ++$ways) {
                    $at = array_fill(0, $n, BigRational::zero());
                    foreach ($others as $bit => $o) {
                        $at[$o] = 0 === ($ways >> $bit & 1) ? BigRational::zero() : $columns[$o][2] ?? BigRational::zero();
                    }
                    [$ra, $rb] = array_map(static function (int $row) use ($others, $columns, $at): BigRational {
                        $sum = BigRational::zero();
                        foreach ($others as $o) {
                            $sum = $sum->minus($columns[$o][$row]->multipliedBy($at[$o]));
                        }

                        return $sum;
                    }, [0, 1]);
                    $at[$p] = $ra->multipliedBy($columns[$q][1])->minus($rb->multipliedBy($columns[$q][0]))->dividedBy($determinant);
                    $at[$q] = $rb->multipliedBy($columns[$p][0])->minus($ra->multipliedBy($columns[$p][1]))->dividedBy($determinant);
                    $possible = array_filter(
                        $at,
                        static fn (BigRational $v, int $i): bool => $v->isNegative()
                            || null !== $columns[$i][2]
                            && $v->isGreaterThan($columns[$i][2]),
                        \ARRAY_FILTER_USE_BOTH,
                    );
                    if ([] === $possible && $at[$n - 1]->isGreaterThan($best)) {
                        $best = $at[$n - 1];
                    }
                }
            }
        }

        return $best->simplified();
    }
}
