<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Material\StatedTimes;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\DeriveCharacter;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Mixing\MixCharacter;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * What a mix is, derived from what is in it.
 */
final class CharacterTest extends TestCase
{
    use Randomly;

    public function testAMaterialMixedWithItselfIsThatMaterial(): void
    {
        foreach ([Given::paint(), Given::powder()] as $material) {
            $alone = $this->derive($material);
            $double = $this->derive(Mixture::of(
                'twice',
                Basis::ByVolume,
                [Part::of(BigRational::of(2), $material), Part::of(BigRational::nd(3, 7), $material)],
            ));
            self::assertEqualsWithDelta($alone->normalWet, $double->normalWet, 1e-9);
            self::assertEqualsWithDelta($alone->solids, $double->solids, 1e-9);
            self::assertEquals($alone->handling, $double->handling);
            self::assertSame(0.0, $double->thinning);
        }
    }

    /**
     * 1 paint (solids 0.4) to 3 water: a quarter of the solids, thinned 3 to 1, and still laid as thick as the paint is.
     */
    public function testWaterCarriesAndLeavesNothing(): void
    {
        $wash = $this->derive($this->mix([1, Given::paint()], [3, Given::water()]));
        self::assertEqualsWithDelta(0.1, $wash->solids, 1e-12);
        self::assertSame(3.0, $wash->thinning);
        self::assertFalse($wash->isOverThinned());
        self::assertTrue($this->derive($this->mix([100, Given::paint()], [301, Given::water()]))->isOverThinned());
        self::assertEqualsWithDelta(100.0, $wash->normalWet, 1e-9);
        self::assertNull($this->derive(Given::water())->normalWet);
        self::assertNull($this->derive($this->mix([1, Given::water()], [2, Given::water()]))->handling->times);
    }

    /** Three parts of satin to one of matt, of equal solids: (3 × 3 + 1) ÷ 4 = 2.5, and rather the flatter: eggshell. Water has no say. */
    public function testWhatIsRoughStaysRough(): void
    {
        $of = static fn (string $id, ?Sheen $sheen): Material => Material::of(
            $id,
            1,
            $id,
            MaterialKind::Topcoat,
            true,
            Given::paint()->body,
            Given::paint()->handling,
            Given::paint()->look,
            $sheen,
        );
        [$satin, $matt] = [$of('satin', Sheen::Satin), $of('matt', Sheen::Matt)];
        self::assertSame(Sheen::Eggshell, $this->derive($this->mix([3, $satin], [1, $matt], [9, Given::water()]))->sheen);
        self::assertSame(
            [Sheen::Satin, Sheen::Matt, null],
            [$this->derive($satin)->sheen, $this->derive($matt)->sheen, $this->derive(Given::paint())->sheen],
        );
    }

    public function testItDriesLikeTheSlowestAndKeepsLikeTheShortest(): void
    {
        $quick = Given::paint('quick', times: StatedTimes::of(10, 30, 600, 60, 1440), open: 5, potLife: 90);
        $slow = Given::paint('slow', times: StatedTimes::of(60, 360, null, 1440, 20160), open: 40, potLife: 600);
        $mix = $this->derive($this->mix([9, $quick], [1, $slow]))->handling;
        self::assertEquals(StatedTimes::of(60, 360, 600, 1440, 20160), $mix->times);
        self::assertSame([5, 90], [$mix->openTime, $mix->potLife]);
    }

    /**
     * A glaze of four parts of a medium that is open for 12 min to one of paint has twice the time of a wash of that paint; water gives
     * none.
     */
    public function testAMediumLengthensTheOpenTimeAndWaterDoesNot(): void
    {
        $paint = Given::paint(open: 6);
        $medium = Material::of(
            'medium',
            1,
            'Medium',
            MaterialKind::GlazingMedium,
            true,
            $paint->body,
            Given::paint(open: 12)->handling,
            $paint->look,
        );
        $open = fn (Mixture $of): ?int => $this->derive($of)->handling->openTime;
        self::assertSame(6, $open($this->mix([1, $paint], [3, Given::water()])));
        self::assertSame(12, $open($this->mix([1, $paint], [4, $medium])));
        self::assertSame(9, $open($this->mix([3, $paint], [1, $medium])));
        self::assertSame(9, $open($this->mix([3, $paint], [1, $medium], [4, Given::water()])));
    }

    /**
     * A latest recoat that the slower part makes impossible is moved to the earliest possible one, never before it.
     */
    public function testAWindowIsNeverEmpty(): void
    {
        $quick = Given::paint('quick', times: StatedTimes::of(10, 30, 60, 120, 1440));
        $slow = Given::paint('slow', times: StatedTimes::of(60, 360, null, 1440, 20160));
        self::assertSame(360, $this->derive($this->mix([1, $quick], [1, $slow]))->handling->times?->recoatMost);
    }

    /**
     * The order in which things are poured and the size of the parts do not change what the mix is, and nothing it has lies
     * outside of what its ingredients have.
     */
    public function testOrderAndSizeDoNotMatterAndTheMeanLiesBetween(): void
    {
        $this->manyTimes(120, function (): void {
            $materials = [Given::paint('a', '1.1'), Given::paint('b', '1.6', 1.5), Given::powder(), Given::water()];
            $shares = array_map(fn (): BigRational => $this->rational(1, 9, 5), $materials);
            $parts = array_map(static fn (BigRational $s, Material $m): Part => Part::of($s, $m), $shares, $materials);
            $scaled = array_map(static fn (Part $p): Part => Part::of($p->share->multipliedBy('7/3'), $p->of), array_reverse($parts));
            $one = $this->derive(Mixture::of('one', Basis::ByVolume, $parts));
            $other = $this->derive(Mixture::of('other', Basis::ByVolume, $scaled));
            foreach (['normalWet', 'solids', 'build', 'thinning'] as $what) {
                self::assertEqualsWithDelta($one->{$what}, $other->{$what}, 1e-9, $what);
            }
            self::assertGreaterThanOrEqual(100.0 - 1e-9, $one->normalWet);
            self::assertLessThanOrEqual(1000 / 9 + 1e-9, $one->normalWet);
            self::assertSame(1.5, $one->largestThinning, 'the least tolerant of them');
            self::assertSame($one->thinning > 1.5 + 1e-9, $one->isOverThinned());
        });
    }

    /**
     * More thinner: never more solids, never less thinned.
     */
    public function testEveryDropOfThinnerThins(): void
    {
        $this->manyTimes(80, function (): void {
            $water = $this->rational(1, 12, 8);
            $less = $this->derive(Mixture::of(
                'less',
                Basis::ByVolume,
                [Part::of(BigRational::of(2), Given::powder()), Part::of($water, Given::water())],
            ));
            $more = $this->derive(Mixture::of(
                'more',
                Basis::ByVolume,
                [Part::of(BigRational::of(2), Given::powder()), Part::of($water->plus('1/9'), Given::water())],
            ));
            self::assertGreaterThan($more->solids, $less->solids);
            self::assertGreaterThan($less->thinning, $more->thinning);
        });
    }

    public function testCarriersAreNamedOnce(): void
    {
        self::assertSame(
            [Carrier::Water, Carrier::Dry],
            $this->derive($this->mix([1, Given::paint()], [1, Given::water()], [1, Given::powder()]))->carriers,
        );
    }

    /**
     * @param array{int, Material} ...$parts
     */
    private function mix(array ...$parts): Mixture
    {
        return Mixture::of(
            'mix',
            Basis::ByVolume,
            array_values(array_map(static fn (array $p): Part => Part::of(BigRational::of($p[0]), $p[1]), $parts)),
        );
    }

    private function derive(Material|Mixture $of): MixCharacter
    {
        return (new DeriveCharacter())->derive((new FlattenMix())->flatten($of));
    }
}
