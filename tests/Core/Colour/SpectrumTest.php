<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Colour;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\FilmOptics;
use Inlaid\Core\Colour\FirstSurface;
use Inlaid\Core\Colour\Light;
use Inlaid\Core\Colour\Observer;
use Inlaid\Core\Colour\Optics;
use Inlaid\Core\Colour\RecoverSpectrum;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Colour\Spectrum;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * Spectra of colours, what films make of them, and what the surface throws back.
 */
final class SpectrumTest extends TestCase
{
    use Randomly;

    /**
     * A thousand colours, the corners of the cube among them: the spectrum stays between nothing and all, and comes back within half a code
     * of 255.
     */
    public function testAColourComesBackFromItsSpectrum(): void
    {
        $recover = new RecoverSpectrum();
        $codes = static fn (Light $l): array => array_map(
            static fn (float $v): float => 255 * ($v <= 0.0031308 ? 12.92 * $v : 1.055 * $v ** (1 / 2.4) - 0.055),
            $l->channels(),
        );
        $hexes = ['#000000', '#ffffff', '#ff0000', '#00ff00', '#0000ff', '#ffff00', '#ff00ff', '#00ffff', '#000001', '#010000'];
        $this->manyTimes(990, function () use (&$hexes): void {
            $hexes[] = \sprintf('#%06x', $this->int(0, 0xFFFFFF));
        });
        foreach ($hexes as $hex) {
            $spectrum = $recover->recover(Colour::of($hex));
            self::assertGreaterThanOrEqual(0.0, min($spectrum->bands));
            self::assertLessThanOrEqual(1.0, max($spectrum->bands));
            foreach (array_map(null, $codes(Light::of(Colour::of($hex))), $codes($spectrum->light())) as [$was, $is]) {
                self::assertEqualsWithDelta($was, $is, 0.5, $hex);
            }
        }
        self::assertSame($recover->recover(Colour::of('#406080')), $recover->recover(Colour::of('#406080')), 'it is kept');
    }

    /**
     * A grey is flat; no curve with the same colour that is bent a little more smoothly in z is less steep: the sum of squares is the least
     * among neighbours that keep the colour.
     */
    public function testTheSpectrumIsTheSmoothest(): void
    {
        $recover = new RecoverSpectrum();
        $grey = $recover->recover(Colour::of('#777777'));
        self::assertEqualsWithDelta(max($grey->bands), min($grey->bands), 1e-9);
        $steepness = static function (array $z): float {
            $sum = 0.0;
            for ($i = 1; $i < \count($z); ++$i) {
                $sum += ($z[$i] - $z[$i - 1]) ** 2;
            }

            return $sum;
        };
        $this->manyTimes(60, function () use ($recover, $steepness): void {
            $z = array_map(
                static fn (float $r): float => atanh(2 * $r - 1),
                $recover->recover(Colour::of(\sprintf(
                    '#%02x%02x%02x',
                    $this->int(20, 235),
                    $this->int(20, 235),
                    $this->int(20, 235),
                )))->bands,
            );
            $keeps = $this->keeping($z, array_map(fn (): float => $this->float(-1, 1), $z));
            foreach ([1e-3, -1e-3] as $far) {
                self::assertGreaterThan(
                    $steepness($z) - 1e-12,
                    $steepness(array_map(static fn (float $v, float $d): float => $v + $far * $d, $z, $keeps)) + 1e-5,
                );
            }
            // along what keeps the colour the slope of the sum is nothing
            $slope = (
                $steepness(array_map(
                    static fn (float $v, float $d): float => $v + 1e-4 * $d,
                    $z,
                    $keeps,
                )) - $steepness(array_map(static fn (float $v, float $d): float => $v - 1e-4 * $d, $z, $keeps))
            ) / 2e-4;
            self::assertEqualsWithDelta(0.0, $slope, 1e-5);
        });
    }

    /**
     * The part of a direction that does not change the colour, to first order: less its projection on the three gradients (Gram and
     * Schmidt).
     *
     * @param list<float> $z
     * @param list<float> $direction
     *
     * @return list<float>
     */
    private function keeping(array $z, array $direction): array
    {
        $basis = [];
        foreach (Observer::WEIGHTS as $row) {
            $gradient = array_map(static fn (float $w, float $v): float => $w * (1 - tanh($v) ** 2) / 2, $row, $z);
            foreach ($basis as $unit) {
                $gradient = self::less($gradient, $unit);
            }
            $length = sqrt(array_sum(array_map(static fn (float $g): float => $g * $g, $gradient)));
            $basis[] = array_map(static fn (float $g): float => $g / $length, $gradient);
        }
        foreach ($basis as $unit) {
            $direction = self::less($direction, $unit);
        }

        return $direction;
    }

    /**
     * @param list<float> $of
     * @param list<float> $unit
     *
     * @return list<float>
     */
    private static function less(array $of, array $unit): array
    {
        $along = array_sum(array_map(static fn (float $a, float $b): float => $a * $b, $of, $unit));

        return array_map(static fn (float $a, float $b): float => $a - $along * $b, $of, $unit);
    }

    private static function film(float $k, float $s, float $x): FilmOptics
    {
        return FilmOptics::of(Optics::of(array_fill(0, 36, $k), array_fill(0, 36, $s)), $x);
    }

    /**
     * Without absorption and with S·X = 1.5 a film over black reflects 1.5 ÷ 2.5 = 0.6, two such 3 ÷ 4, and over a ground of one half (0.5
     * + 1.5 × 0.5) ÷ (1 + 1.5 × 0.5) = 5/7. Without
     * scattering it is Rg·e^(−2KX). An endless film is its masstone.
     */
    public function testFilmsByHand(): void
    {
        $white = self::film(0.0, 0.015, 100.0);
        self::assertEqualsWithDelta(0.6, $white->over(Spectrum::even(0.0))->bands[0], 1e-12);
        self::assertEqualsWithDelta(0.75, $white->over($white->over(Spectrum::even(0.0)))->bands[20], 1e-12);
        self::assertEqualsWithDelta(5 / 7, $white->over(Spectrum::even(0.5))->bands[35], 1e-12);
        self::assertEqualsWithDelta(0.8 * exp(-2 * 0.3), self::film(0.003, 0.0, 100.0)->over(Spectrum::even(0.8))->bands[7], 1e-9);
        self::assertEqualsWithDelta(
            0.4,
            FilmOptics::of(Optics::ofMasstone(Spectrum::even(0.4), array_fill(0, 36, 0.02)), 1e5)->over(Spectrum::even(0.9))->bands[3],
            1e-9,
        );
        self::assertEqualsWithDelta(0.4, Optics::ofMasstone(Spectrum::even(0.4), array_fill(0, 36, 0.02))->masstone()->bands[3], 1e-12);
        self::assertSame(array_fill(0, 36, 0.3), FilmOptics::none()->over(Spectrum::even(0.3))->bands);
    }

    /**
     * A film laid as two halves is the same film; films upon films are one; no film makes light; a film of nothing changes nothing; between
     * what is beneath and the masstone it goes one way
     * only as it grows.
     */
    public function testFilmsHold(): void
    {
        $this->manyTimes(200, function (): void {
            $optics = Optics::of(
                array_map(fn (): float => $this->float(0, 0.05), range(1, 36)),
                array_map(fn (): float => $this->float(0, 0.05), range(1, 36)),
            );
            $ground = Spectrum::of(array_map(fn (): float => $this->float(0, 1), range(1, 36)));
            $x = $this->float(1, 150);
            $whole = FilmOptics::of($optics, $x)->over($ground)->bands;
            $half = FilmOptics::of($optics, $x / 2);
            $masstone = $optics->masstone()->bands;
            foreach ([$half->over($half->over($ground))->bands, $half->under($half)->over($ground)->bands] as $halves) {
                foreach ($whole as $i => $r) {
                    self::assertEqualsWithDelta($r, $halves[$i], 1e-12);
                }
            }
            self::assertSame($ground->bands, FilmOptics::of($optics, 0.0)->over($ground)->bands);
            $more = FilmOptics::of($optics, 1.3 * $x)->over($ground)->bands;
            foreach ($whole as $i => $r) {
                self::assertTrue($r >= 0.0 && $r <= 1.0);
                self::assertLessThanOrEqual(abs($ground->bands[$i] - $masstone[$i]) + 1e-12, abs($r - $masstone[$i]));
                self::assertLessThanOrEqual(abs($r - $masstone[$i]) + 1e-12, abs($more[$i] - $masstone[$i]));
            }
        });
    }

    /**
     * A mix counts by volume: half paint and half water is half the strength, and twice the film of it is the paint again.
     */
    public function testThinnedByHalfTwiceTheFilmIsTheSame(): void
    {
        $paint = Optics::ofMasstone((new RecoverSpectrum())->recover(Colour::of('#5d6a72')), array_fill(0, 36, 0.02));
        $thinned = Optics::mix([[$paint, 0.5], [Optics::clear(), 0.5]]);
        $wood = (new RecoverSpectrum())->recover(Colour::of('#dcc59d'));
        foreach (FilmOptics::of($paint, 40.0)->over($wood)->bands as $i => $r) {
            self::assertEqualsWithDelta($r, FilmOptics::of($thinned, 80.0)->over($wood)->bands[$i], 1e-12);
        }
        self::assertEquals($paint->times(0.5)->absorption, $thinned->absorption);
    }

    /**
     * What goes through the surface and back is what it was; a glossier surface is never lighter; a dark blue stays blue under a gloss, and
     * a near-black gets no lighter.
     */
    public function testTheSurfaceHolds(): void
    {
        $this->manyTimes(200, function (): void {
            $observed = Spectrum::of(array_map(fn (): float => $this->float(0, 1) ** 3, range(1, 36)));
            $lighter = null;
            foreach (Sheen::cases() as $sheen) {
                $surface = FirstSurface::of($sheen);
                $inside = $surface->inside($observed);
                foreach ($observed->bands as $i => $r) {
                    self::assertEqualsWithDelta($r, $surface->observed($inside)->bands[$i], 1e-12);
                    self::assertTrue($inside->bands[$i] >= 0.0 && $inside->bands[$i] <= 1.0);
                }
                $seen = $surface->observed($observed)->bands;
                foreach ($lighter ?? [] as $i => $r) {
                    self::assertLessThanOrEqual($r + 1e-12, $seen[$i], 'a glossier one is lighter');
                }
                $lighter = $seen;
            }
        });
        $recover = new RecoverSpectrum();
        foreach (['#1b2340', '#20284a', '#121212', '#0a0b10'] as $hex) {
            $dry = $recover->recover(Colour::of($hex));
            $glossed = FirstSurface::of(Sheen::Gloss)->observed(FirstSurface::of(Sheen::Chalky)->inside($dry));
            [$before, $after] = [$dry->lab(), $glossed->lab()];
            self::assertLessThanOrEqual($before->l + 1e-9, $after->l, $hex);
            if (hypot($before->a, $before->b) > 5) {
                $turn = abs(rad2deg(atan2($before->b, $before->a) - atan2($after->b, $after->a)));
                self::assertLessThan(8.0, min($turn, 360 - $turn), $hex);
            }
        }
    }
}
