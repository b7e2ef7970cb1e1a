<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * Finds the mix of few paints in small whole parts that comes nearest to a colour, at full strength under a given surface.
 *
 * Every mix of up to four of the paints with at most twelve parts in all is looked at, those that are others in larger parts left out. Of all within ½ ΔE of the nearest the one with the fewest paints is
 * taken, of these the one with the fewest parts, of these the nearest. Lightness alone is reckoned first: no ΔE is less than |ΔL*| ÷ 1.75 (S_L of CIEDE2000 is largest, 1.747, at the ends of L*), so that what is too light or too
 * dark goes at once.
 */
final class MatchColour
{
    public const MOST_PARTS = 12;
    public const MOST_PAINTS = 4;
    /** Nearer than this two mixes are as good. */
    private const TIE = 0.5;
    /** Others are told that are no further off the best than this. */
    private const NEAR = 2.0;
    private const MOST_OTHERS = 4;
    private const LARGEST_SL = 1.75;
    /** The bands that make almost all of the luminance: 480 to 650 nm. */
    private const FROM = 10;
    private const TO = 28;
    /** K ÷ S of what does not scatter: as good as black. */
    private const BLACK = 1e9;
    /** How many mixes are looked at between two looks at the time. */
    private const EVERY = 500;

    /** @var array<int, list<float>> absorption by paint */
    private array $absorption = [];
    /** @var array<int, list<float>> */
    private array $scattering = [];
    /** @var array<string, MatchedMix> nearest by its paints */
    private array $bySet = [];
    /** @var array<int, array<int, MatchedMix>> nearest by number of paints and of parts */
    private array $bySize = [];
    private float $nearest = \INF;
    /** Luminances beyond which nothing can be near enough. */
    private float $darkest = -\INF;
    private float $lightest = \INF;
    /** @var list<float> of luminance */
    private readonly array $weights;
    /** What all the other bands can add to it at most. */
    private readonly float $dim;
    private int $looked = 0;
    private bool $over = false;

    /**
     * @param non-empty-array<array-key, Optics> $paints by key
     * @param \Closure(): bool                   $isOver whether the time is up
     * @param int                                $most   paints in one mix
     */
    private function __construct(private readonly array $paints, private readonly Lab $target, private readonly FirstSurface $surface, private readonly int $most, private readonly \Closure $isOver)
    {
        $this->weights = Observer::luminance();
        $this->dim = array_sum($this->weights) - array_sum(\array_slice($this->weights, self::FROM, self::TO - self::FROM));
        foreach (array_values($paints) as $i => $optics) {
            $this->absorption[$i] = $optics->absorption;
            $this->scattering[$i] = $optics->scattering;
        }
    }

    /**
     * @param array<array-key, Optics> $paints by key
     * @param \Closure(): bool         $isOver whether the time is up
     * @param int                      $most   paints in one mix
     */
    public static function find(array $paints, Lab $target, FirstSurface $surface, \Closure $isOver, int $most = self::MOST_PAINTS): ColourMatch
    {
        if ([] === $paints) {
            return new ColourMatch(null, [], true);
        }
        $search = new self($paints, $target, $surface, min($most, self::MOST_PAINTS, \count($paints)), $isOver);

        return $search->search();
    }

    private function search(): ColourMatch
    {
        $nothing = array_fill(0, Observer::BANDS, 0.0);
        for ($paints = 1; $paints <= $this->most; ++$paints) {
            $this->choose($paints, 0, [], self::MOST_PARTS, $nothing, $nothing);
        }
        $best = $this->best();
        $others = array_values(array_filter($this->bySet, fn (MatchedMix $m): bool => $m->deltaE <= $this->nearest + self::NEAR && (null === $best || array_keys($m->parts) !== array_keys($best->parts))));
        usort($others, static fn (MatchedMix $a, MatchedMix $b): int => $a->deltaE <=> $b->deltaE);

        return new ColourMatch($best, \array_slice($others, 0, self::MOST_OTHERS), !$this->over);
    }

    private function best(): ?MatchedMix
    {
        ksort($this->bySize);
        foreach ($this->bySize as $byTotal) {
            ksort($byTotal);
            foreach ($byTotal as $mix) {
                if ($mix->deltaE <= $this->nearest + self::TIE) {
                    return $mix;
                }
            }
        }

        return null;
    }

    /**
     * Takes one more paint, in every number of parts that leaves one for each of the others.
     *
     * @param array<int, int> $parts by paint
     * @param list<float>     $k     absorption of what is taken
     * @param list<float>     $s
     */
    private function choose(int $more, int $from, array $parts, int $left, array $k, array $s): void
    {
        $common = array_reduce($parts, self::common(...), 0);
        for ($paint = $from; $paint <= \count($this->absorption) - $more; ++$paint) {
            for ($part = 1; $part <= $left - $more + 1 && !$this->over; ++$part) {
                if (1 === $more) {
                    1 === self::common($common, $part) && $this->look($parts, $paint, $part, $k, $s);
                    continue;
                }
                [$absorption, $scattering] = [$this->absorption[$paint], $this->scattering[$paint]];
                $this->choose($more - 1, $paint + 1, $parts + [$paint => $part], $left - $part, self::plus($k, $absorption, $part), self::plus($s, $scattering, $part));
            }
        }
    }

    /**
     * Looks at what is taken and so many parts of a last paint. First only how light it is, by the bands the eye sees most of, for most mixes go no further.
     *
     * @param array<int, int> $parts
     * @param list<float>     $k
     * @param list<float>     $s
     */
    private function look(array $parts, int $paint, int $part, array $k, array $s): void
    {
        if (0 === ++$this->looked % self::EVERY && ($this->isOver)()) {
            $this->over = true;
        }
        [$absorption, $scattering, $weights, $share] = [$this->absorption[$paint], $this->scattering[$paint], $this->weights, $this->surface->share];
        $luminance = 0.0;
        for ($i = self::FROM; $i < self::TO; ++$i) {
            $scatters = $s[$i] + $part * $scattering[$i];
            $q = $scatters > 0.0 ? ($k[$i] + $part * $absorption[$i]) / $scatters : self::BLACK;
            $inside = 1 + $q - sqrt($q * ($q + 2));
            $q = $inside * FirstSurface::OUT / (1 - FirstSurface::BACK * $inside);
            $out = $share + (1 - $share) * $q;
            $luminance += $weights[$i] * ($out < 2 * $share ? 2 * $q / (1 + $q) : $out);
        }
        if ($luminance + $this->dim < $this->darkest || $luminance > $this->lightest) {
            return;
        }
        $light = $this->light(self::plus($k, $absorption, $part), self::plus($s, $scattering, $part));
        $lab = Lab::ofLight($light);
        if (abs($lab->l - $this->target->l) > self::LARGEST_SL * ($this->nearest + self::NEAR)) {
            return;
        }
        $apart = DeltaE2000::between($lab, $this->target);
        if ($apart <= $this->nearest + self::NEAR) {
            $this->keep($parts + [$paint => $part], $apart, $light);
        }
    }

    /**
     * What an endless film of it looks like under the surface: `Optics` and `FirstSurface` in one go, which saves a fifth of the time here.
     *
     * @param list<float> $k
     * @param list<float> $s
     */
    private function light(array $k, array $s): Light
    {
        [$toRed, $toGreen, $toBlue] = Observer::weights();
        $share = $this->surface->share;
        $red = $green = $blue = 0.0;
        foreach ($k as $i => $absorbs) {
            $q = $s[$i] > 0.0 ? $absorbs / $s[$i] : self::BLACK;
            $inside = 1 + $q - sqrt($q * ($q + 2));
            $q = $inside * FirstSurface::OUT / (1 - FirstSurface::BACK * $inside);
            $out = $share + (1 - $share) * $q;
            $out = $out < 2 * $share ? 2 * $q / (1 + $q) : $out;
            $red += $toRed[$i] * $out;
            $green += $toGreen[$i] * $out;
            $blue += $toBlue[$i] * $out;
        }

        return new Light($red, $green, $blue);
    }

    /**
     * @param array<int, int> $parts
     */
    private function keep(array $parts, float $apart, Light $light): void
    {
        if ($apart < $this->nearest) {
            $this->nearest = $apart;
            $far = self::LARGEST_SL * ($apart + self::NEAR);
            [$this->darkest, $this->lightest] = [Lab::luminance($this->target->l - $far), Lab::luminance($this->target->l + $far)];
        }
        $keys = array_keys($this->paints);
        $named = array_combine(array_map(static fn (int $p): int|string => $keys[$p], array_keys($parts)), $parts);
        \assert([] !== $named);
        $mix = new MatchedMix($named, $apart, $light->colour());
        [$paints, $total, $set] = [\count($parts), array_sum($parts), implode(' ', array_keys($parts))];
        if (!isset($this->bySize[$paints][$total]) || $apart < $this->bySize[$paints][$total]->deltaE) {
            $this->bySize[$paints][$total] = $mix;
        }
        if (!isset($this->bySet[$set]) || $apart < $this->bySet[$set]->deltaE) {
            $this->bySet[$set] = $mix;
        }
    }

    /**
     * @param list<float> $sum
     * @param list<float> $of
     *
     * @return list<float>
     */
    private static function plus(array $sum, array $of, int $parts): array
    {
        $with = [];
        foreach ($sum as $i => $value) {
            $with[] = $value + $parts * $of[$i];
        }

        return $with;
    }

    /** Greatest common divisor. */
    private static function common(int $a, int $b): int
    {
        return 0 === $b ? $a : self::common($b, $a % $b);
    }
}
