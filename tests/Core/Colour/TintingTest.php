<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Colour;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\FirstSurface;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\Optics;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Material\Look;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\DeriveCharacter;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Optics\FindColourant;
use Inlaid\Core\Optics\TintingStrength;
use Inlaid\Tests\Core\Given;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * How strongly typical pigments tint white.
 */
final class TintingTest extends TestCase
{
    /** One part in nine of white is as light as the typical tint of such a pigment. */
    #[TestWith(['#1d1b1b', 57.0])]
    #[TestWith(['#14284e', 64.0])]
    #[TestWith(['#7d2c1c', 67.0])]
    #[TestWith(['#4a3424', 68.0])]
    #[TestWith(['#1f4a35', 69.0])]
    #[TestWith(['#b0241f', 74.0])]
    #[TestWith(['#b98a2f', 85.0])]
    #[TestWith(['#e0b020', 90.0])]
    public function testTypicalTints(string $full, float $light): void
    {
        $tint = self::mixed([[Given::paint('white', colour: '#f3f1ec', hides: 0.96), 9], [Given::paint('c', colour: $full), 1]]);
        $seen = Lab::ofLight(FirstSurface::of(Sheen::Matt)->observed($tint->masstone())->light());
        self::assertEqualsWithDelta($light, $seen->l, 2.5);
    }

    /** Alone or thinned a paint does what its hiding says; and where its tint is stated, that is believed. */
    public function testOnlyBesideOtherPaintsIsItStronger(): void
    {
        $black = Given::paint('black', colour: '#1d1b1b');
        $alone = self::mixed([[$black, 1]]);
        $thinned = self::mixed([[$black, 1], [Given::water(), 3]]);
        foreach ($alone->absorption as $i => $k) {
            self::assertEqualsWithDelta($k / 4, $thinned->absorption[$i], 1e-9);
        }
        $white = Given::paint('white', colour: '#f3f1ec');
        $half = self::mixed([[$white, 1], [$white, 1]]);
        self::assertEqualsWithDelta(self::mixed([[$white, 1]])->scattering, $half->scattering, 1e-12);
        self::assertGreaterThan(10, TintingStrength::of($black));
        $told = Material::of(
            'told',
            1,
            'Told',
            $black->kind,
            true,
            $black->body,
            $black->handling,
            Look::of(LookKind::Opaque, Colour::of('#1d1b1b'), 0.97, Colour::of('#9c9ea0')),
        );
        self::assertSame(1.0, TintingStrength::of($told));
    }

    /** More of a tint is never lighter. */
    public function testMoreIsDarker(): void
    {
        $before = 101.0;
        foreach ([1, 2, 5, 10, 20, 50, 100] as $parts) {
            $mix = self::mixed([[Given::paint('white', colour: '#f3f1ec'), 100], [Given::paint('black', colour: '#1d1b1b'), $parts]]);
            $light = Lab::ofLight(FirstSurface::of(Sheen::Matt)->observed($mix->masstone())->light())->l;
            self::assertLessThan($before, $light);
            $before = $light;
        }
    }

    /**
     * @param non-empty-list<array{Material, int}> $parts
     */
    private static function mixed(array $parts): Optics
    {
        $flat = (new FlattenMix())->flatten(Mixture::of('M', Basis::ByVolume, array_map(
            static fn (array $p): Part => Part::of(BigRational::of($p[1]), $p[0]),
            $parts,
        )));

        return (new FindColourant())->find($flat, (new DeriveCharacter())->derive($flat))->optics ?? Optics::clear();
    }
}
