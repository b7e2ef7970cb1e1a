<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Colour;

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
use Inlaid\Core\Material\Dries;
use Inlaid\Core\Material\Handling;
use Inlaid\Core\Material\Look;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Optics\DeriveOptics;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * What a material does to light gives back the look it was found from.
 */
final class DeriveOpticsTest extends TestCase
{
    use Randomly;

    private static function material(
        LookKind $kind,
        ?string $hex = null,
        ?float $hiding = null,
        ?string $tint = null,
        float $spread = 12.0,
        ?Sheen $sheen = null,
    ): Material {
        return Material::of(
            'm',
            1,
            'M',
            MaterialKind::Paint,
            true,
            Body::of(Carrier::Water, BigRational::of('1.3'), null, 0.4, 1.0, $spread, null),
            Handling::of(Dries::LosingWater, null, null, null, true, 8.0),
            Look::of($kind, null === $hex ? null : Colour::of($hex), $hiding, null === $tint ? null : Colour::of($tint)),
            $sheen,
        );
    }

    private function optics(Material $material): Optics
    {
        return (new DeriveOptics())->derive($material) ?? self::fail('nothing is told');
    }

    /**
     * An endless film is the full-strength colour; a normal coat over the black card and the white one has the contrast ratio that was
     * stated, whatever colour, spread and sheen.
     */
    public function testColourAndHidingComeBack(): void
    {
        $this->manyTimes(60, function (): void {
            $hex = \sprintf('#%02x%02x%02x', $this->int(15, 240), $this->int(15, 240), $this->int(15, 240));
            $hiding = $this->float(0.2, 0.995);
            $spread = $this->float(6, 16);
            $sheen = Sheen::cases()[$this->int(0, 4)];
            $optics = $this->optics(self::material(LookKind::Opaque, $hex, $hiding, null, $spread, $sheen));
            $surface = FirstSurface::of($sheen);
            self::assertLessThan(
                0.05,
                DeltaE2000::between(Lab::of(Colour::of($hex)), $surface->observed($optics->masstone())->lab()),
                $hex,
            );
            $film = FilmOptics::of($optics, 1000 / $spread);
            $seen = static fn (float $card): float => $surface->observed($film->over(Spectrum::even($card)))->light()->luminance();
            self::assertEqualsWithDelta($hiding, $seen(0.01) / $seen(0.80), 1e-6, "$hex $hiding");
        });
    }

    /**
     * One part in nine of white looks as stated, and at full strength it looks as before; a dark colour is stronger than its hiding says.
     */
    public function testATintComesBack(): void
    {
        $white = $this->optics(self::material(LookKind::Opaque, '#f3f1ec', 0.96, null, 12.0, Sheen::Matt));
        foreach (['#2b2c2e' => '#9c9ea0', '#b5402c' => '#e0a596', '#23473a' => '#96aba0', '#20284a' => '#9aa0b8'] as $hex => $tint) {
            $plain = $this->optics(self::material(LookKind::Opaque, $hex, 0.97, null, 12.0, Sheen::Matt));
            $found = $this->optics(self::material(LookKind::Opaque, $hex, 0.97, $tint, 12.0, Sheen::Matt));
            $mixed = FirstSurface::of(Sheen::Matt)->observed(Optics::mix([[$found, 0.1], [$white, 0.9]])->masstone())->lab();
            self::assertLessThan(2.0, DeltaE2000::between($mixed, Lab::of(Colour::of($tint))), $hex);
            self::assertLessThan(1e-6, DeltaE2000::between($plain->masstone()->lab(), $found->masstone()->lab()));
            if (Lab::of(Colour::of($hex))->l < 30) {
                self::assertGreaterThan(
                    1.5 * array_sum($plain->scattering),
                    array_sum($found->scattering),
                    "$hex is stronger than its hiding says",
                );
            }
        }
        $nonsense = $this->optics(self::material(LookKind::Opaque, '#e8e0d0', 0.9, '#f5f4f0', 12.0, Sheen::Matt));
        self::assertEquals(
            $this->optics(self::material(LookKind::Opaque, '#e8e0d0', 0.9, null, 12.0, Sheen::Matt)),
            $nonsense,
            'a tint as pale as white tells nothing',
        );
    }

    /**
     * Films of any dull colour keep its hue and are not much more vivid than it is, over white, cream and black, from an eighth of a coat
     * to four; and all of them can be shown. The hue is that of the difference from the ground.
     */
    public function testThinFilmsOfDullColoursStayDull(): void
    {
        $surface = FirstSurface::of(Sheen::Matt);
        $recover = new RecoverSpectrum();
        $this->manyTimes(80, function () use ($surface, $recover): void {
            do {
                $hex = \sprintf('#%02x%02x%02x', $this->int(15, 220), $this->int(15, 220), $this->int(15, 220));
                $full = Lab::of(Colour::of($hex));
                $chroma = hypot($full->a, $full->b);
            } while ($chroma > 35.0);
            $optics = $this->optics(self::material(LookKind::Opaque, $hex, $this->float(0.85, 0.99), null, 12.0, Sheen::Matt));
            foreach (['#f6f4ef', '#eadfc4', '#1a1a1a'] as $ground) {
                $under = $surface->inside($recover->recover(Colour::of($ground)));
                $bare = Lab::of(Colour::of($ground));
                foreach ([0.125, 0.2, 0.4, 0.7, 1.0, 2.0, 4.0] as $coats) {
                    $seen = $surface->observed(FilmOptics::of($optics, $coats * 1000 / 12)->over($under));
                    $film = $seen->lab();
                    $told = "$hex over $ground, $coats coats";
                    self::assertLessThan(1.35 * max(8.0, $chroma, hypot($bare->a, $bare->b)), hypot($film->a, $film->b), $told);
                    self::assertGreaterThan(-1e-3, min($seen->light()->channels()), $told);
                    [$a, $b, $da, $db] = [$full->a - $bare->a, $full->b - $bare->b, $film->a - $bare->a, $film->b - $bare->b];
                    if (min(hypot($a, $b), hypot($da, $db)) > 8.0) {
                        self::assertLessThan(18.0, rad2deg(abs(atan2($da * $b - $db * $a, $da * $a + $db * $b))), $told);
                    }
                }
            }
        });
    }

    /** #224466 that hides 97 %, thinned 1 : 3, over cream: with one S for all bands it came out #11679e, with red gone. */
    public function testADarkBlueThinned(): void
    {
        $surface = FirstSurface::of(Sheen::Matt);
        $blue = $this->optics(self::material(LookKind::Opaque, '#224466', 0.97, null, 12.0, Sheen::Matt));
        $film = $surface->observed(
            FilmOptics::of($blue->times(0.25), 1000 / 12)->over($surface->inside((new RecoverSpectrum())->recover(Colour::of('#eadfc4')))),
        )->lab();
        $full = Lab::of(Colour::of('#224466'));
        self::assertLessThan(1.3 * hypot($full->a, $full->b), hypot($film->a, $film->b));
        self::assertGreaterThan($full->l, $film->l, 'the cream shows');
    }

    public function testWhatIsNotTold(): void
    {
        $derive = new DeriveOptics();
        self::assertNull($derive->derive(self::material(LookKind::Flake, '#b08d4a')));
        self::assertNull($derive->derive(self::material(LookKind::Stain)));
        self::assertNull($derive->derive(self::material(LookKind::Opaque)));
        foreach ([LookKind::Clear, LookKind::None] as $kind) {
            $clear = $derive->derive(self::material($kind));
            self::assertNotNull($clear);
            self::assertSame(Spectrum::even(0.37)->bands, FilmOptics::of($clear, 120.0)->over(Spectrum::even(0.37))->bands);
        }
    }
}
