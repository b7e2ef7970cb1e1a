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
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Colour\Spectrum;
use Inlaid\Core\Look\DeriveOptics;
use Inlaid\Core\Material\Body;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\Dries;
use Inlaid\Core\Material\Handling;
use Inlaid\Core\Material\Look;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
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
     * With a tint no other strength comes nearer to it; the full-strength colour stays; a dark colour is stronger than its hiding says.
     */
    public function testATintSetsTheStrength(): void
    {
        $white = $this->optics(self::material(LookKind::Opaque, '#f3f1ec', 0.96, null, 12.0, Sheen::Matt));
        $tinted = static fn (Optics $optics, float $times): Lab => FirstSurface::of(Sheen::Matt)->observed(
            Optics::mix([[$optics->times($times), 0.1], [$white, 0.9]])->masstone(),
        )->lab();
        foreach (['#2b2c2e' => '#9c9ea0', '#b5402c' => '#e0a596', '#23473a' => '#96aba0', '#20284a' => '#9aa0b8'] as $hex => $tint) {
            $plain = $this->optics(self::material(LookKind::Opaque, $hex, 0.97, null, 12.0, Sheen::Matt));
            $found = $this->optics(self::material(LookKind::Opaque, $hex, 0.97, $tint, 12.0, Sheen::Matt));
            $off = DeltaE2000::between($tinted($found, 1.0), Lab::of(Colour::of($tint)));
            for ($times = 0.02; $times < 50; $times *= 1.05) {
                self::assertGreaterThan(
                    $off - 0.02,
                    DeltaE2000::between($tinted($plain, $times), Lab::of(Colour::of($tint))),
                    "$hex × $times",
                );
            }
            self::assertLessThan(1e-6, DeltaE2000::between($plain->masstone()->lab(), $found->masstone()->lab()));
            Lab::of(Colour::of($hex))->l < 30
                && self::assertGreaterThan(1.5 * $plain->scattering, $found->scattering, "$hex is stronger than its hiding says");
        }
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
