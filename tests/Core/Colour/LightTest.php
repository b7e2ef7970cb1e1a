<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Colour;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\CorrectByReference;
use Inlaid\Core\Colour\CorrectedColour;
use Inlaid\Core\Colour\FilmOptics;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\Light;
use Inlaid\Core\Colour\Optics;
use Inlaid\Core\Colour\Spectrum;
use Inlaid\Core\Colour\Spot;
use Inlaid\Tests\Core\Bounds;
use PHPUnit\Framework\TestCase;

/**
 * Light and films, by hand.
 */
final class LightTest extends TestCase
{
    use Bounds;

    /** L* of dark greys is straight: 1 % of the light is L* 8.99, 0.5 % 4.52; and back. */
    public function testDarkGreysAreStraight(): void
    {
        foreach ([[0.005, 4.5163], [0.01, 8.9914], [0.2, 51.837], [1.0, 100.0]] as [$share, $l]) {
            self::assertEqualsWithDelta($share, Lab::luminance($l), 1e-5);
            $light = (new Lab($l, 0.0, 0.0))->light();
            self::assertEqualsWithDelta($share, $light->luminance(), 1e-5);
            self::assertEqualsWithDelta($light->red, $light->blue, 2e-3, 'grey is grey');
        }
        self::assertEqualsWithDelta(5.0, (new Lab(50.0, 3.0, 4.0))->distance(new Lab(50.0, 0.0, 0.0)), 1e-12);
        self::assertEqualsWithDelta(13.0, (new Lab(62.0, 3.0, 4.0))->distance(new Lab(50.0, 0.0, 0.0)), 1e-12);
    }

    /** Flakes over a third of the ground: that third is theirs, the rest is the ground's; a film over nothing is the ground. */
    public function testFlakesAndFilms(): void
    {
        $ground = Spectrum::even(0.3);
        $gold = FilmOptics::flakes(Spectrum::even(0.9), 1 / 3);
        self::assertEqualsWithDelta(0.5, $gold->over($ground)->bands[0], 1e-12);
        self::assertEqualsWithDelta(0.3, FilmOptics::none()->over($ground)->bands[7], 1e-12);
        $film = FilmOptics::of(Optics::of(array_fill(0, 36, 0.0), array_fill(0, 36, 0.02)), 50.0);
        // Nothing is absorbed: R = (1 + (Rg − 1) … ) of Kubelka and Munk with S x = 1: (Rg + (1 − Rg)) ÷ (1 + (1 − Rg)).
        self::assertEqualsWithDelta(1 / 1.7, $film->over($ground)->bands[3], 1e-9);
        $twice = $film->under($film)->over($ground)->bands[3];
        self::assertEqualsWithDelta(
            FilmOptics::of(Optics::of(array_fill(0, 36, 0.0), array_fill(0, 36, 0.02)), 100.0)->over($ground)->bands[3],
            $twice,
            1e-9,
        );
    }

    /** A grey card that should reflect half and shows 0.25, 0.5 and 0.5: only red is doubled. What cannot be trusted is said. */
    public function testACardCorrectsItsLight(): void
    {
        $correct = static fn (
            array $patch,
            array $card,
            float $reflects = 0.5,
            float $spread = 0.0,
            float $cardSpread = 0.0,
        ): CorrectedColour => (new CorrectByReference())->correct(
            new Spot(new Light(...$patch), $spread),
            new Spot(new Light(...$card), $cardSpread),
            $reflects,
        );
        self::assertEqualsWithDelta(
            [2.0, 1.0, 1.0],
            (new CorrectByReference())->factors(new Spot(new Light(0.25, 0.5, 0.5), 0.0), 0.5),
            1e-12,
        );
        self::assertSame((new Light(0.4, 0.2, 0.2))->colour()->hex, $correct([0.2, 0.2, 0.2], [0.25, 0.5, 0.5])->colour->hex);
        self::assertSame([], $correct([0.2, 0.2, 0.2], [0.25, 0.5, 0.5], spread: 4.0, cardSpread: 4.0)->remarks, 'just even');
        self::assertSame([], $correct([0.2, 0.2, 0.2], [0.2, 0.5, 0.5])->remarks, 'just a light that can be corrected');
        self::assertCount(1, $correct([0.2, 0.2, 0.2], [0.19, 0.5, 0.5])->remarks, 'two and a half times is too coloured');
        self::assertCount(2, $correct([0.2, 0.2, 0.2], [0.25, 0.5, 0.5], spread: 4.1, cardSpread: 4.1)->remarks);
        self::assertSame([], $correct([0.5, 0.5, 0.5], [0.25, 0.5, 0.5])->remarks, 'just white');
        self::assertCount(1, $correct([0.51, 0.5, 0.5], [0.25, 0.5, 0.5])->remarks, 'brighter than white');
        self::assertSame([], $correct([0.2, 0.97, 0.2], [0.5, 0.97, 0.5], 0.5)->remarks);
        self::assertCount(1, $correct([0.2, 0.975, 0.2], [0.5, 0.97, 0.5], 0.49)->remarks, 'overexposed');
        $spot = static fn (float ...$channels): Spot => new Spot(new Light(...$channels), 0.0);
        $refusal = static fn (Spot $card, float $reflects): ?string => self::refusal(
            static fn () => (new CorrectByReference())->factors($card, $reflects),
        );
        self::assertNull($refusal($spot(0.97, 0.97, 0.97), 0.98));
        self::assertNull($refusal($spot(0.004, 0.97, 0.97), 0.02));
        self::assertNotNull($refusal($spot(0.971, 0.5, 0.5), 0.5));
        self::assertNotNull($refusal($spot(0.0039, 0.5, 0.5), 0.5));
        self::assertNotNull($refusal($spot(0.5, 0.5, 0.5), 0.019));
        self::assertNotNull($refusal($spot(0.5, 0.5, 0.5), 0.981));
        self::assertNotNull($refusal($spot(0.5, 0.5, 0.5), \INF));
        $none = (new CorrectByReference())->none(new Spot(new Light(0.2, 0.2, 0.2), 4.1));
        self::assertSame([1, 1, $none->asPhotographed->hex], [\count($none->remarks), \count($none->cannot), $none->colour->hex]);
    }

    /** A spot of two greys: the mean is that of the light, and the spread in L*a*b* about it. */
    public function testASpotHasAMeanAndASpread(): void
    {
        $plain = Spot::of([[100, 100, 100], [100, 100, 100]]);
        self::assertSame(['#646464', 0.0], [$plain->mean->colour()->hex, round($plain->spread, 6)]);
        $two = Spot::of([[80, 80, 80], [120, 120, 120]]);
        $middle = Lab::of($two->mean->colour());
        $far = array_map(static fn (string $hex): float => Lab::of(Colour::of($hex))->distance($middle), ['#505050', '#787878']);
        self::assertEqualsWithDelta(sqrt(($far[0] ** 2 + $far[1] ** 2) / 2), $two->spread, 1e-9);
        self::assertEqualsWithDelta((Light::ofCodes(80, 80, 80)->red + Light::ofCodes(120, 120, 120)->red) / 2, $two->mean->red, 1e-12);
    }
}
