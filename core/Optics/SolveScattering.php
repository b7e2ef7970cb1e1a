<?php

declare(strict_types=1);

namespace Inlaid\Core\Optics;

use Inlaid\Core\Colour\FilmOptics;
use Inlaid\Core\Colour\FirstSurface;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\Observer;
use Inlaid\Core\Colour\Optics;
use Inlaid\Core\Colour\Spectrum;

/**
 * Finds K and S of a paint, band by band, from what it looks like at full strength and one thing more: a tint, or how well it hides.
 *
 * The full colour only tells K ÷ S = Q in each band. A tint tells both. Without one, how S lies in the bands is a prior: S ∝ Q^−p, so
 * that what a paint absorbs most it scatters least. With one S for all bands (p = 0) thin films of dark dull colours come out far too
 * vivid. Of p from ½ to 0.9 the first is taken with which the films over white, cream and black, from an eighth of a coat to a whole one,
 * turn their hue by no more than 15° and have no more than 1.3 times the chroma of the full colour; else the one that misses that least.
 * Solved from the tints of typical paints p is 0.4 to 0.6.
 */
final readonly class SolveScattering
{
    /** The white of a tint is nine parts of ten. */
    private const TINT_PARTS = 9;
    /** By how many times Q of the full colour must be over that of the tint for the two to tell something. */
    private const TELLS = 1.5;
    /** How many times more or less a band may scatter than the prior says, where a tint is known. */
    private const APART = 3.0;
    /** Q of the whitest there is. */
    private const LEAST_RATIO = 1e-3;
    private const SHAPES = [0.5, 0.6, 0.7, 0.8, 0.9];
    private const BLACK_CARD = 0.01;
    private const WHITE_CARD = 0.80;
    private const GROUNDS = [0.9, 0.02];
    /** Cream inside: what it reflects at 380 nm, and how much more 350 nm further up. */
    private const CREAM = [0.42, 0.44];
    private const COATS = [0.125, 0.35, 0.7];
    /** Chroma under which a colour is grey, and no film of it can turn vivid. */
    private const GREY = 6.0;
    private const MOST_CHROMA = 1.3;
    private const MOST_TURN = 15.0;
    /** L*a*b* between a film and its ground from which the difference has a hue. */
    private const HAS_HUE = 6.0;

    /**
     * From both colours. In one part of it to nine of white Q is q = (K + 9Kw) ÷ (S + 9Sw), and K = QS: so S = 9 (q Sw − Kw) ÷ (Q − q).
     * Bands in which the two colours tell too little, or what no paint does, are as the prior says of the strength of the others; none
     * scatters more than white.
     *
     * @param Spectrum $inside what it reflects inside at full strength
     * @param Spectrum $tint   and one part of it in nine of white
     *
     * @return Optics|null per µm of wet film; null where no band tells anything
     */
    public function byTint(Spectrum $inside, Spectrum $tint, Optics $white): ?Optics
    {
        [$full, $thin] = [Optics::ratios($inside), Optics::ratios($tint)];
        $shape = self::shape($full, self::SHAPES[0]);
        $told = [];
        foreach ($full as $i => $q) {
            $more = $thin[$i] * $white->scattering[$i] - $white->absorption[$i];
            if ($q > self::TELLS * $thin[$i] && $more > 0.0) {
                $told[$i] = self::TINT_PARTS * $more / ($q - $thin[$i]);
            }
        }
        if ([] === $told) {
            return null;
        }
        $strengths = array_map(static fn (float $s, int $i): float => $s / $shape[$i], $told, array_keys($told));
        sort($strengths);
        $usual = $strengths[intdiv(\count($strengths), 2)];
        $scattering = [];
        foreach ($shape as $i => $s) {
            $prior = $usual * $s;
            $scattering[] = min($white->scattering[$i], max($prior / self::APART, min($prior * self::APART, $told[$i] ?? $prior)));
        }

        return Optics::ofMasstone($inside, $scattering);
    }

    /**
     * From how well it hides: the contrast ratio of one normal coat over a black card of 1 % and a white one of 80 %, in luminance.
     *
     * @param Spectrum     $inside  what it reflects inside at full strength
     * @param FirstSurface $surface through which it is seen
     * @param float        $wet     µm of one normal coat
     *
     * @return Optics per µm of wet film
     */
    public function byHiding(Spectrum $inside, FirstSurface $surface, float $wet, float $hiding): Optics
    {
        $ratios = Optics::ratios($inside);
        $best = null;
        $least = \INF;
        $seen = $surface->observed($inside)->lab();
        foreach (hypot($seen->a, $seen->b) < self::GREY ? [self::SHAPES[0]] : self::SHAPES as $p) {
            $optics = self::asStrong(inside: $inside, shape: self::shape($ratios, $p), surface: $surface, wet: $wet, hiding: $hiding);
            $misses = self::misses(optics: $optics, full: $seen, surface: $surface, wet: $wet);
            if (null === $best || $misses < $least) {
                [$best, $least] = [$optics, $misses];
            }
            if ($misses <= 0.0) {
                break;
            }
        }

        return $best;
    }

    /**
     * @param list<float> $ratios
     *
     * @return list<float>
     */
    private static function shape(array $ratios, float $p): array
    {
        return array_map(static fn (float $q): float => max(self::LEAST_RATIO, $q) ** -$p, $ratios);
    }

    /**
     * As much scattering as gives the contrast ratio, which grows with it.
     *
     * @param list<float> $shape
     */
    private static function asStrong(Spectrum $inside, array $shape, FirstSurface $surface, float $wet, float $hiding): Optics
    {
        [$low, $high, $one] = [1e-9, 100.0, Optics::ofMasstone($inside, $shape)];
        $off = static fn (float $log): float => self::contrast($one->times(exp($log)), $surface, $wet) - $hiding;

        return $one->times(exp(self::root($off, log($low), log($high))));
    }

    /**
     * By how much its films are more vivid or of another hue than they should be, as a share of what is allowed; nothing where they are
     * not. The hue of a film is that of its difference from the ground.
     */
    private static function misses(Optics $optics, Lab $full, FirstSurface $surface, float $wet): float
    {
        $misses = 0.0;
        foreach (self::grounds() as $ground) {
            $bare = $surface->observed($ground)->lab();
            $most = self::MOST_CHROMA * max(hypot($full->a, $full->b), hypot($bare->a, $bare->b));
            [$a, $b] = [$full->a - $bare->a, $full->b - $bare->b];
            foreach (self::COATS as $coats) {
                $film = $surface->observed(FilmOptics::of($optics, $coats * $wet)->over($ground))->lab();
                [$da, $db] = [$film->a - $bare->a, $film->b - $bare->b];
                $turned = min(hypot($a, $b), hypot($da, $db)) < self::HAS_HUE
                    ? 0.0
                    : rad2deg(abs(atan2($da * $b - $db * $a, $da * $a + $db * $b)));
                $misses = max($misses, hypot($film->a, $film->b) / max(1.0, $most) - 1, $turned / self::MOST_TURN - 1);
            }
        }

        return $misses;
    }

    /**
     * @return list<Spectrum> white, black and cream inside
     */
    private static function grounds(): array
    {
        [$least, $more] = self::CREAM;
        $cream = array_map(
            static fn (int $i): float => $least + $more * min(1.0, 1.6 * $i / (Observer::BANDS - 1)),
            range(0, Observer::BANDS - 1),
        );

        return [...array_map(Spectrum::even(...), self::GROUNDS), Spectrum::of($cream)];
    }

    /**
     * Where a growing function is nothing, by the secant with the older end's value halved when it stays (Illinois), which needs about ten
     * looks.
     *
     * @param \Closure(float): float $of
     */
    private static function root(\Closure $of, float $low, float $high): float
    {
        [$below, $above] = [$of($low), $of($high)];
        if ($above <= 0.0) {
            return $high;
        }
        if ($below >= 0.0) {
            return $low;
        }
        $side = 0;
        do {
            $at = ($low * $above - $high * $below) / ($above - $below);
            $value = $of($at);
            if ($value > 0.0) {
                [$high, $above, $below, $side] = [$at, $value, 1 === $side ? $below / 2 : $below, 1];
            } else {
                [$low, $below, $above, $side] = [$at, $value, -1 === $side ? $above / 2 : $above, -1];
            }
        } while (abs($value) > 1e-9 && $high - $low > 1e-12); // or as near as numbers go

        return $at;
    }

    private static function contrast(Optics $optics, FirstSurface $surface, float $wet): float
    {
        $film = FilmOptics::of($optics, $wet);
        $over = static fn (float $card): float => $surface->observed($film->over(Spectrum::even($card)))->light()->luminance();

        return $over(self::BLACK_CARD) / $over(self::WHITE_CARD);
    }
}
