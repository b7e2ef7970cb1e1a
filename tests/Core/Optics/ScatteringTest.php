<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Optics;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\FirstSurface;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\Observer;
use Inlaid\Core\Colour\Optics;
use Inlaid\Core\Colour\RecoverSpectrum;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Colour\Spectrum;
use Inlaid\Core\Optics\SolveScattering;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * K and S of a paint, against the equations solved another way: the film by the hyperbolic form of Kubelka and Munk, its strength by
 * halving.
 */
final class ScatteringTest extends TestCase
{
    private const SHAPES = [0.5, 0.6, 0.7, 0.8, 0.9];

    /** @return iterable<string, array{string, float, float, Sheen}> colour, hiding, µm of a coat, sheen */
    public static function paints(): iterable
    {
        yield 'a grey' => ['#8a8a8a', 0.95, 80.0, Sheen::Matt];
        yield 'a greyish white that is glossy' => ['#d9d7d2', 0.9, 100.0, Sheen::Gloss];
        yield 'a slate blue' => ['#224466', 0.97, 1000 / 12, Sheen::Matt];
        yield 'a deep green' => ['#23473a', 0.98, 80.0, Sheen::Matt];
        yield 'an oxide red' => ['#a2452b', 0.93, 90.0, Sheen::Chalky];
        yield 'an ochre' => ['#b9832f', 0.8, 110.0, Sheen::Eggshell];
        yield 'a vivid blue' => ['#1030c0', 0.9, 90.0, Sheen::Matt];
        yield 'a glaze that hides little' => ['#5a3a28', 0.25, 90.0, Sheen::Matt];
    }

    #[DataProvider('paints')]
    public function testFromItsHiding(string $hex, float $hiding, float $wet, Sheen $sheen): void
    {
        $surface = FirstSurface::of($sheen);
        $inside = $surface->inside((new RecoverSpectrum())->recover(Colour::of($hex)));
        $found = (new SolveScattering())->byHiding($inside, $surface, $wet, $hiding);
        self::assertEqualsWithDelta($hiding, self::contrast($found, $surface, $wet), 1e-8);
        $ratios = array_map(static fn (float $r): float => (1 - $r) ** 2 / (2 * $r), $inside->bands);
        [$low, $high] = [(int) array_search(min($ratios), $ratios, true), (int) array_search(max($ratios), $ratios, true)];
        foreach ([$low, $high] as $i) {
            self::assertEqualsWithDelta($ratios[$i], $found->absorption[$i] / $found->scattering[$i], 1e-6 * $ratios[$i]);
        }
        if ($ratios[$high] < 1.01 * $ratios[$low]) {
            return; // nothing tells its shape
        }
        $shape = -log($found->scattering[$high] / $found->scattering[$low])
            / log(max(1e-3, $ratios[$high]) / max(1e-3, $ratios[$low]));
        self::assertEqualsWithDelta(self::shape($inside, $ratios, $surface, $wet, $hiding), $shape, 1e-6);
    }

    /** @return iterable<string, array{string, float, 2?: float}> colour, p, hiding */
    public static function shapes(): iterable
    {
        foreach (['#3f7a4a', '#8f3b28', '#e0b020', '#4a3424', '#6b1f3a', '#2a6a6a', '#9a9070', '#55636e', '#7d2c1c', '#c9c79d'] as $hex) {
            yield $hex => [$hex, 0.5];
        }
        yield 'a warm brown' => ['#705a4a', 0.6];
        yield 'a glaze' => ['#5a3a28', 0.7, 0.25];
        yield 'a deep green' => ['#23473a', 0.6, 0.98];
        yield 'a night blue' => ['#14284e', 0.7];
        yield 'an ochre that hides little' => ['#b9832f', 0.8, 0.8];
        yield 'ultramarine' => ['#1f3fa8', 0.9];
    }

    /** Found with the equations above, so that many colours can be asked in little time. */
    #[DataProvider('shapes')]
    public function testHowItScatters(string $hex, float $p, float $hiding = 0.95): void
    {
        $surface = FirstSurface::of(Sheen::Matt);
        $inside = $surface->inside((new RecoverSpectrum())->recover(Colour::of($hex)));
        $found = (new SolveScattering())->byHiding($inside, $surface, 80.0, $hiding);
        [$q, $s] = [
            array_map(static fn (float $k, float $s): float => $k / $s, $found->absorption, $found->scattering),
            $found->scattering,
        ];
        [$low, $high] = [(int) array_search(min([9e9, ...$q]), $q, true), (int) array_search(max([0.0, ...$q]), $q, true)];
        self::assertEqualsWithDelta($p, -log($s[$high] / $s[$low]) / log(max(1e-3, $q[$high]) / max(1e-3, $q[$low])), 1e-6);
    }

    /**
     * The first of the shapes whose thin films are not too vivid, or the one that is least so.
     *
     * @param list<float> $ratios
     */
    private static function shape(Spectrum $inside, array $ratios, FirstSurface $surface, float $wet, float $hiding): float
    {
        $full = $surface->observed($inside)->lab();
        if (hypot($full->a, $full->b) < 6.0) {
            return 0.5;
        }
        $misses = [];
        foreach (self::SHAPES as $p) {
            $prior = array_map(static fn (float $q): float => max(1e-3, $q) ** -$p, $ratios);
            [$low, $high] = [1e-9, 100.0];
            while ($high / $low > 1 + 1e-10) {
                $at = sqrt($low * $high);
                [$low, $high] = self::contrast(self::optics($ratios, $prior, $at), $surface, $wet) > $hiding ? [$low, $at] : [$at, $high];
            }
            $misses["$p"] = self::misses(self::optics($ratios, $prior, $low), $full, $surface, $wet);
            if ($misses["$p"] <= 0.0) {
                return $p;
            }
        }

        return (float) array_search(min([\INF, ...array_values($misses)]), $misses, true);
    }

    /**
     * @param list<float> $ratios
     * @param list<float> $prior
     */
    private static function optics(array $ratios, array $prior, float $strength): Optics
    {
        $s = array_map(static fn (float $f): float => $strength * $f, $prior);

        return Optics::of(array_map(static fn (float $s, float $q): float => $s * $q, $s, $ratios), $s);
    }

    private static function misses(Optics $optics, Lab $full, FirstSurface $surface, float $wet): float
    {
        $most = 0.0;
        $cream = array_map(static fn (int $i): float => min(0.86, 0.42 + 0.44 * 1.6 * $i / 35), range(0, 35));
        foreach ([array_fill(0, 36, 0.9), array_fill(0, 36, 0.02), $cream] as $ground) {
            $bare = $surface->observed(Spectrum::of($ground))->lab();
            $allowed = 1.3 * max(hypot($full->a, $full->b), hypot($bare->a, $bare->b));
            $to = atan2($full->b - $bare->b, $full->a - $bare->a);
            foreach ([0.125, 0.35, 0.7] as $coats) {
                $film = $surface->observed(self::over($optics, $coats * $wet, $ground))->lab();
                $turned = abs(rad2deg(atan2($film->b - $bare->b, $film->a - $bare->a) - $to));
                $turned = $turned > 180 ? 360 - $turned : $turned;
                $told = min(hypot($full->a - $bare->a, $full->b - $bare->b), hypot($film->a - $bare->a, $film->b - $bare->b)) >= 6.0;
                $most = max($most, hypot($film->a, $film->b) / max(1.0, $allowed) - 1, $told ? $turned / 15 - 1 : 0.0);
            }
        }

        return $most;
    }

    /**
     * R = (1 − Rg(a − b·coth bSX)) ÷ (a − Rg + b·coth bSX), a = 1 + K ÷ S, b = √(a² − 1).
     *
     * @param list<float> $ground
     */
    private static function over(Optics $optics, float $wet, array $ground): Spectrum
    {
        $bands = [];
        foreach ($ground as $i => $g) {
            $a = 1 + $optics->absorption[$i] / $optics->scattering[$i];
            $b = sqrt($a * $a - 1);
            $coth = 1 / tanh($b * $optics->scattering[$i] * $wet);
            $bands[] = (1 - $g * ($a - $b * $coth)) / ($a - $g + $b * $coth);
        }

        return Spectrum::of($bands);
    }

    private static function contrast(Optics $optics, FirstSurface $surface, float $wet): float
    {
        $seen = static fn (float $card): float => $surface->observed(
            self::over($optics, $wet, array_fill(0, Observer::BANDS, $card)),
        )->light()->luminance();

        return $seen(0.01) / $seen(0.8);
    }

    /** Beyond what any film can do the strongest and the weakest are taken. */
    public function testWhatNoFilmDoes(): void
    {
        $inside = Spectrum::even(0.4);
        $surface = FirstSurface::of(Sheen::Matt);
        $find = static fn (float $hiding): float => (new SolveScattering())->byHiding($inside, $surface, 80.0, $hiding)->scattering[0];
        $shape = (0.36 / 0.8) ** -0.5;
        self::assertEqualsWithDelta(100.0 * $shape, $find(1.5), 1e-6);
        self::assertEqualsWithDelta(1e-9 * $shape, $find(0.0), 1e-15);
    }

    /**
     * One part in nine of white, of 0.25 µm⁻¹ and no absorption: S = 9 q Sw ÷ (Q − q), in bands that tell it; half of the bands here.
     */
    public function testFromATint(): void
    {
        $half = static fn (float $one, float $other): Spectrum => Spectrum::of([...array_fill(0, 18, $one), ...array_fill(0, 18, $other)]);
        $ratio = static fn (float $r): float => (1 - $r) ** 2 / (2 * $r);
        $white = Optics::of(array_fill(0, 36, 0.0), array_fill(0, 36, 0.25));
        $solve = new SolveScattering();
        $told = static fn (float $full, float $tint): float => 9 * $ratio($tint) * 0.25 / ($ratio($full) - $ratio($tint));
        $found = $solve->byTint($half(0.05, 0.1), $half(0.6, 0.7), $white) ?? self::fail('it tells');
        self::assertEqualsWithDelta($told(0.05, 0.6), $found->scattering[0], 1e-12);
        self::assertEqualsWithDelta($told(0.1, 0.7), $found->scattering[35], 1e-12);
        self::assertEqualsWithDelta($ratio(0.05) * $found->scattering[0], $found->absorption[0], 1e-12);

        // Bands whose tint is as dark as the paint tell nothing: as the prior says of the others, S ∝ Q^−½.
        $some = $solve->byTint($half(0.05, 0.4), $half(0.6, 0.4), $white) ?? self::fail('some tell');
        self::assertEqualsWithDelta($told(0.05, 0.6), $some->scattering[0], 1e-12);
        self::assertEqualsWithDelta(
            min(0.25, $told(0.05, 0.6) * sqrt($ratio(0.05) / $ratio(0.4))),
            $some->scattering[35],
            1e-12,
        );
        self::assertNull($solve->byTint(Spectrum::even(0.4), Spectrum::even(0.4), $white));
        // Q of 1.5 times that of the tint tells nothing; a little more does.
        $q = 1.5 * $ratio(0.5);
        $at = static fn (float $times): Spectrum => Spectrum::even(1 + $times * $q - sqrt($times * $q * ($times * $q + 2)));
        self::assertNull($solve->byTint($at(0.999), Spectrum::even(0.5), $white));
        self::assertEqualsWithDelta(
            0.25,
            $solve->byTint($at(1.001), Spectrum::even(0.5), $white)?->scattering[0],
            1e-12,
            'no more than white',
        );
        $dirty = Optics::of(array_fill(0, 36, 0.05), array_fill(0, 36, 0.25));
        self::assertNull($solve->byTint(Spectrum::even(0.05), Spectrum::even(0.6), $dirty), 'a tint lighter than its white');
        self::assertEqualsWithDelta(
            9 * ($ratio(0.5) * 0.25 - 0.05) / ($ratio(0.05) - $ratio(0.5)),
            $solve->byTint(Spectrum::even(0.05), Spectrum::even(0.5), $dirty)?->scattering[0],
            1e-12,
        );
    }

    /** A band says no more than three times what the prior says, and no less than a third; the prior is that of the middle band. */
    public function testABandThatSaysAnythingIsNotBelieved(): void
    {
        $ratio = static fn (float $r): float => (1 - $r) ** 2 / (2 * $r);
        $white = Optics::of(array_fill(0, 36, 0.0), array_fill(0, 36, 25.0));
        $tint = array_fill(0, 36, 0.6);
        [$tint[0], $tint[1]] = [0.2, 0.97];
        $found = (new SolveScattering())->byTint(Spectrum::even(0.05), Spectrum::of($tint), $white) ?? self::fail('it tells');
        $usual = 9 * $ratio(0.6) * 25.0 / ($ratio(0.05) - $ratio(0.6));
        self::assertEqualsWithDelta([3 * $usual, $usual / 3, $usual], \array_slice($found->scattering, 0, 3), 1e-9);
    }
}
