<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Optics;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\FilmOptics;
use Inlaid\Core\Colour\FirstSurface;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\Optics;
use Inlaid\Core\Colour\RecoverSpectrum;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Colour\Spectrum;
use Inlaid\Core\Material\Body;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\Learned;
use Inlaid\Core\Material\Look;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\DeriveCharacter;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Optics\Colourant;
use Inlaid\Core\Optics\ColourantKind;
use Inlaid\Core\Optics\DeriveOptics;
use Inlaid\Core\Optics\FindColourant;
use Inlaid\Core\Optics\TintingStrength;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Core\Given;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What a mix is to the eye: of which kind, how strong each paint in it is, and what dyes and powders are.
 */
final class ColourantsTest extends TestCase
{
    /** @param array<string, string> $parts */
    private static function find(array $parts, ?FindColourant $with = null): ?Colourant
    {
        $mix = (new FlattenMix())->flatten(Analysed::mix($parts));

        return ($with ?? new FindColourant())->find($mix, (new DeriveCharacter())->derive($mix));
    }

    private static function looking(Look $look, ?Sheen $sheen = null, ?float $spread = 10.0): Material
    {
        return Material::of(
            'm',
            1,
            'M',
            MaterialKind::Paint,
            true,
            Body::of(Carrier::Water, BigRational::one(), null, 0.4, 1.0, $spread, null),
            Given::paint()->handling,
            $look,
            $sheen,
        );
    }

    /** @return iterable<string, array{array<string, string>, ?ColourantKind}> */
    public static function kinds(): iterable
    {
        yield 'paint' => [['signal-cream' => '1'], ColourantKind::Film];
        yield 'a wash' => [['signal-cream' => '1', 'water' => '4'], ColourantKind::Film];
        yield 'a stain' => [['rain-grey-stain' => '1', 'water' => '1'], ColourantKind::Dye];
        yield 'a stain with paint in it' => [['rain-grey-stain' => '5', 'signal-cream' => '1'], ColourantKind::Film];
        yield 'a clear coat' => [['topcoat-satin' => '1'], ColourantKind::Clear];
        yield 'a stain in a clear coat' => [['rain-grey-stain' => '1', 'topcoat-satin' => '1'], ColourantKind::Dye];
        yield 'gold' => [['number-gold' => '1'], ColourantKind::Flake];
        yield 'gold with paint in it' => [['metallic-paint' => '1', 'signal-cream' => '1'], ColourantKind::Flake];
        yield 'a resist' => [['wax-resist' => '1'], ColourantKind::Resist];
        yield 'water' => [['water' => '1'], null];
    }

    /** @param array<string, string> $parts */
    #[DataProvider('kinds')]
    public function testOfWhichKindItIs(array $parts, ?ColourantKind $kind): void
    {
        $found = self::find($parts);
        self::assertSame($kind, $found?->kind);
        self::assertSame(ColourantKind::Flake === $kind, null !== $found?->flake);
        $blind = self::find($parts, (new FindColourant())->blind());
        self::assertSame([$kind, null === $kind ? null : false], [$blind?->kind, $blind?->isSeen]);
        self::assertNull($blind?->flake);
        self::assertSame(0.0, (float) array_sum($blind->optics->absorption ?? []));
        self::assertSame($kind instanceof ColourantKind, true === $found?->isSeen);
    }

    /** Two paints and water: together as much paint as there is, each by its strength in tinting. */
    public function testPaintsTintByTheirStrength(): void
    {
        [$cream, $soot] = [Given::paint('cream', colour: '#efe3c4'), Given::paint('soot', colour: '#1d1b1b')];
        $mix = (new FlattenMix())->flatten(Mixture::of('Grey', Basis::ByVolume, [
            Part::of(BigRational::of(6), $cream), Part::of(BigRational::of(1), $soot), Part::of(BigRational::of(3), Given::water()),
        ]));
        $found = (new FindColourant())->find($mix, (new DeriveCharacter())->derive($mix)) ?? self::fail('a film');
        $derive = new DeriveOptics();
        $k = static fn (Material $m): float => $derive->derive($m)->absorption[10] ?? self::fail($m->id);
        [$a, $b] = [TintingStrength::of($cream), TintingStrength::of($soot)];
        $scale = 0.7 / (0.6 * $a + 0.1 * $b);
        self::assertEqualsWithDelta($scale * (0.6 * $a * $k($cream) + 0.1 * $b * $k($soot)), $found->optics->absorption[10], 1e-9);
        self::assertGreaterThan(1.5, $scale * $b, 'black does more than its share');
        $alone = self::find(['signal-cream' => '1', 'water' => '1']) ?? self::fail('a film');
        self::assertEqualsWithDelta(
            0.5 * $k(Analysed::shelf()['signal-cream']),
            $alone->optics->absorption[10],
            1e-9,
            'alone it is what it is',
        );
        $instead = self::find(
            ['signal-cream' => '1'],
            (new FindColourant())->with(Analysed::shelf()['signal-cream']->learning(Learned::of(Colour::of('#204060'), 1.5, 3))),
        );
        self::assertNotEquals(self::find(['signal-cream' => '1'])?->optics, $instead?->optics);
    }

    public function testClearCoatsAmberByTheirShare(): void
    {
        $varnish = Analysed::shelf()['varnish'];
        self::assertGreaterThan(0.0, $varnish->ambering->perMicrometre());
        self::assertEqualsWithDelta(
            0.75 * $varnish->ambering->perMicrometre(),
            self::find(['varnish' => '3', 'mineral-spirit' => '1'])?->yellows,
            1e-12,
        );
        self::assertSame($varnish->sheen, self::find(['varnish' => '1'])?->sheen);
    }

    public function testASheetIsItsColour(): void
    {
        $sheet = (new FindColourant())->sheet(Colour::of('#b85c3a'), 90.0);
        self::assertSame([ColourantKind::Film, Sheen::Chalky, 90.0, 0.0], [$sheet->kind, $sheet->sheen, $sheet->normal, $sheet->yellows]);
        foreach ([0.0, 0.9] as $ground) {
            $seen = FirstSurface::of(Sheen::Chalky)->observed(FilmOptics::of($sheet->optics, 1.0)->over(Spectrum::even($ground)));
            self::assertLessThan(0.5, DeltaE2000::between($seen->lab(), Lab::of(Colour::of('#b85c3a'))));
        }
        self::assertSame(1.0, (new FindColourant())->sheet(Colour::of('#b85c3a'), 0.2)->normal);
    }

    /** K = ln(R₀ ÷ R) ÷ 2X, X a quarter of a normal coat, from #e6d3ad before and the stated look after. */
    public function testADyeIsWhatItDoesToPaleWood(): void
    {
        $recover = new RecoverSpectrum();
        $stain = static fn (string $hex, ?Learned $learned = null): Material => self::looking(
            Look::of(LookKind::Stain, onWood: Colour::of($hex), learned: $learned),
        );
        $inside = static fn (string $hex): array => FirstSurface::of(Sheen::Chalky)->inside($recover->recover(Colour::of($hex)))->bands;
        $dye = (new DeriveOptics())->dye($stain('#8a6a48')) ?? self::fail('a dye');
        foreach ([0, 17, 35] as $i) {
            self::assertEqualsWithDelta(log($inside('#e6d3ad')[$i] / $inside('#8a6a48')[$i]) / 50.0, $dye->absorption[$i], 1e-12);
            self::assertSame(0.0, $dye->scattering[$i]);
        }
        self::assertLessThan(0.01, (new DeriveOptics())->residual($stain('#8a6a48')));
        $pale = (new DeriveOptics())->dye($stain('#f4f0e8')) ?? self::fail('a dye');
        self::assertSame(0.0, max(0.0, ...$pale->absorption), 'nothing in a dye lightens wood');
        self::assertGreaterThan(5.0, (new DeriveOptics())->residual($stain('#f4f0e8')));
        $strong = (new DeriveOptics())->dye($stain('#8a6a48', Learned::of(Colour::of('#8a6a48'), 1.5, 3))) ?? self::fail('a dye');
        self::assertEqualsWithDelta(1.5 * $dye->absorption[0], $strong->absorption[0], 1e-12);
        self::assertNull((new DeriveOptics())->dye(Given::paint()));
        self::assertNull((new DeriveOptics())->residual(Given::paint()));
    }

    /** A powder of 2.4 g/ml, 0.8 by the scoop: a scoop in one of water is a quarter powder, so it alone is four times as strong. */
    public function testAPowderIsStrongerThanItsPaint(): void
    {
        $derive = new DeriveOptics();
        $scooped = $derive->derive(Given::powder()) ?? self::fail('a paint');
        $dense = $derive->derive(Given::powder('1.6')) ?? self::fail('a paint');
        self::assertEqualsWithDelta(4 / 3, $scooped->absorption[3] / $dense->absorption[3], 1e-9);
        $paint = $derive->derive(Given::paint(colour: '#a2452b', hides: 0.9)) ?? self::fail('a paint');
        self::assertNotEqualsWithDelta($paint->absorption[3], $scooped->absorption[3], 1e-6);
        $learned = Given::paint()->learning(Learned::of(Colour::of('#5b6b73'), 2.0, 3));
        self::assertEqualsWithDelta(
            2 * ($derive->derive(Given::paint())->absorption[3] ?? 0.0),
            $derive->derive($learned)?->absorption[3],
            1e-12,
        );
    }

    /** Without hiding it is taken as 0.96, without a sheen as matt, without a spread as 12 m² a litre. */
    public function testWhatNobodyStated(): void
    {
        $derive = static fn (?float $hides, ?Sheen $sheen, ?float $spread): ?Optics => (new DeriveOptics())->derive(
            self::looking(Look::of(LookKind::Opaque, Colour::of('#5b6b73'), $hides), $sheen, $spread),
        );
        self::assertEquals($derive(0.96, Sheen::Matt, 12.0), $derive(null, null, null));
        self::assertNotEquals($derive(0.95, Sheen::Matt, 12.0), $derive(null, null, null));
        self::assertNotEquals($derive(0.96, Sheen::Satin, 12.0), $derive(null, null, null));
        self::assertNotEquals($derive(0.96, Sheen::Matt, 11.0), $derive(null, null, null));
    }

    public function testTypicalPigments(): void
    {
        $of = static fn (string $hex): float => TintingStrength::of(Given::paint(colour: $hex));
        self::assertEqualsWithDelta(13.4, $of('#1d1b1b'), 0.3, 'lamp black');
        self::assertEqualsWithDelta(1.0, $of('#f3f1ec'), 0.05, 'white');
        self::assertEqualsWithDelta(3.7, $of('#b0241f'), 0.1, 'red');
        self::assertGreaterThan($of('#5b6b73'), $of('#3c464b'), 'the darker grey');
        self::assertSame(
            1.0,
            TintingStrength::of(self::looking(Look::of(LookKind::Opaque, Colour::of('#1d1b1b'), 0.9, Colour::of('#8a8a8a')))),
        );
        self::assertSame(1.0, TintingStrength::of(Given::water()));
        self::assertSame(1.0, TintingStrength::of(self::looking(Look::of(LookKind::Translucent, Colour::of('#1d1b1b'), 0.4))));
    }
}
