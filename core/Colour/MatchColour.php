<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

// Named in full it is called without a look for one of our own first, in the innermost loop.
use function sqrt;

/**
 * Finds the mix of few paints in small whole parts that comes nearest to a colour, at full strength under a given surface.
 *
 * Every mix of up to four of the paints with at most twelve parts in all is looked at, those that are others in larger parts left out. Of all within ½ ΔE of the nearest the one with the fewest paints is
 * taken, of these the one with the fewest parts, of these the nearest. Lightness alone is reckoned first, and then a bound of ΔE without angles, so that most goes at once.
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
    /** The last of the bands that make almost all of the luminance, when they are sorted by it. */
    private const BRIGHT = 13;
    /** 1 ÷ S of what does not scatter: as good as black. */
    private const BLACK = 1e9;
    /** How many mixes are looked at between two looks at the time. */
    private const EVERY = 500;

    /** @var array<int, array<int, list<float>>> absorption by paint and how many parts of it */
    private array $absorption = [];
    /** @var array<int, float> of one part of each paint */
    private array $scattering = [];
    /** @var array<string, array{non-empty-array<int, int>, float}> parts and ΔE of the nearest by its paints */
    private array $bySet = [];
    /** @var array<int, array<int, array{non-empty-array<int, int>, float}>> nearest by number of paints and of parts */
    private array $bySize = [];
    private float $nearest = \INF;
    /** Luminances beyond which nothing can be near enough. */
    private float $darkest = -\INF;
    private float $lightest = \INF;
    /** @var list<int> the bands, those first that the eye sees most of */
    private readonly array $order;
    /** @var array{list<float>, list<float>, list<float>} what each band adds to X, Y and Z relative to white, in the order of the bands here */
    private readonly array $eye;
    /** @var list<float> what each of the brightest bands adds to Y */
    private readonly array $bright;
    /** What the bands after the bright ones can add to Y at most. */
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
        [, $luminance] = Observer::relative();
        arsort($luminance);
        $this->order = array_keys($luminance);
        [$x, $y, $z] = Observer::relative();
        $this->eye = [$this->brightFirst($x), $this->brightFirst($y), $this->brightFirst($z)];
        $this->bright = \array_slice($this->eye[1], 0, self::BRIGHT);
        $this->dim = array_sum(\array_slice($this->eye[1], self::BRIGHT));
        foreach (array_values($paints) as $i => $optics) {
            for ($part = 1; $part <= self::MOST_PARTS; ++$part) {
                $this->absorption[$i][$part] = $this->brightFirst($optics->times($part)->absorption);
            }
            $this->scattering[$i] = $optics->scattering;
        }
    }

    /**
     * @param list<float> $bands
     *
     * @return list<float>
     */
    private function brightFirst(array $bands): array
    {
        $sorted = [];
        foreach ($this->order as $band) {
            $sorted[] = $bands[$band];
        }

        return $sorted;
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
            $this->choose($paints, 0, [], self::MOST_PARTS, $nothing, 0.0);
        }
        $best = $this->best();
        $others = array_values(array_filter($this->bySet, fn (array $m): bool => $m[1] <= $this->nearest + self::NEAR && array_keys($m[0]) !== array_keys($best[0] ?? [])));
        usort($others, static fn (array $a, array $b): int => $a[1] <=> $b[1]);

        return new ColourMatch(null === $best ? null : $this->mix($best), array_map($this->mix(...), \array_slice($others, 0, self::MOST_OTHERS)), !$this->over);
    }

    /**
     * @return array{non-empty-array<int, int>, float}|null
     */
    private function best(): ?array
    {
        ksort($this->bySize);
        foreach ($this->bySize as $byTotal) {
            ksort($byTotal);
            foreach ($byTotal as $mix) {
                if ($mix[1] <= $this->nearest + self::TIE) {
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
     * @param float           $s     and its scattering
     */
    private function choose(int $more, int $from, array $parts, int $left, array $k, float $s): void
    {
        $common = array_reduce($parts, self::common(...), 0);
        for ($paint = $from; $paint <= \count($this->absorption) - $more; ++$paint) {
            for ($part = 1; $part <= $left - $more + 1 && !$this->over; ++$part) {
                if (1 === $more) {
                    1 === self::common($common, $part) && $this->look($parts, $paint, $part, $k, $s);
                    continue;
                }
                $this->choose($more - 1, $paint + 1, $parts + [$paint => $part], $left - $part, self::plus($k, $this->absorption[$paint][$part]), $s + $part * $this->scattering[$paint]);
            }
        }
    }

    /**
     * Looks at what is taken and so many parts of a last paint: `Optics`, `FirstSurface` and `Lab` in one go, which saves most of the time here. The bands come with those first that the eye sees most of: after these it is
     * known how light it can be, and many mixes go no further.
     *
     * @param array<int, int> $parts
     * @param list<float>     $k
     */
    private function look(array $parts, int $paint, int $part, array $k, float $s): void
    {
        if (0 === ++$this->looked % self::EVERY && ($this->isOver)()) {
            $this->over = true;
        }
        [$absorption, $share] = [$this->absorption[$paint][$part], $this->surface->share];
        $s += $part * $this->scattering[$paint];
        $per = $s > 0.0 ? 1 / $s : self::BLACK;
        $luminance = self::seen($k, $absorption, $this->bright, $per, $share);
        if ($luminance + $this->dim < $this->darkest || $luminance > $this->lightest) {
            return;
        }
        $y = self::seen($k, $absorption, $this->eye[1], $per, $share);
        if ($y < $this->darkest || $y > $this->lightest) {
            return;
        }
        $x = self::seen($k, $absorption, $this->eye[0], $per, $share);
        $z = self::seen($k, $absorption, $this->eye[2], $per, $share);
        $lab = Lab::ofRelative($x, $y, $z);
        if (DeltaE2000::atLeast($lab, $this->target) > $this->nearest + self::NEAR) {
            return;
        }
        $apart = DeltaE2000::between($lab, $this->target);
        if ($apart <= $this->nearest + self::NEAR) {
            $this->keep($parts + [$paint => $part], $apart);
        }
    }

    /**
     * How much of X, Y or Z is seen of an endless film of a mix and some more: `Optics::masstone` and `FirstSurface::observed` in one go, which saves most of the time here.
     *
     * @param list<float> $k      absorption of the mix
     * @param list<float> $more   and of what is added
     * @param list<float> $weight of each band, for as many as are looked at
     * @param float       $per    1 ÷ scattering of both
     */
    private static function seen(array $k, array $more, array $weight, float $per, float $share): float
    {
        $sum = 0.0;
        foreach ($weight as $i => $w) {
            $q = ($k[$i] + $more[$i]) * $per;
            $inside = 1.0 + $q - sqrt($q * ($q + 2.0));
            $q = $inside * FirstSurface::OUT / (1.0 - FirstSurface::BACK * $inside);
            $out = $share + (1.0 - $share) * $q;
            if ($out < 2.0 * $share) {
                $out = 2.0 * $q / (1.0 + $q);
            }
            $sum += $w * $out;
        }

        return $sum;
    }

    /**
     * @param non-empty-array<int, int> $parts
     */
    private function keep(array $parts, float $apart): void
    {
        if ($apart < $this->nearest) {
            $this->nearest = $apart;
            $far = $this->far($apart + self::NEAR);
            [$this->darkest, $this->lightest] = [Lab::luminance($this->target->l - $far), Lab::luminance($this->target->l + $far)];
        }
        [$paints, $total, $set] = [\count($parts), array_sum($parts), implode(' ', array_keys($parts))];
        if ($apart < ($this->bySize[$paints][$total][1] ?? \INF)) {
            $this->bySize[$paints][$total] = [$parts, $apart];
        }
        if ($apart < ($this->bySet[$set][1] ?? \INF)) {
            $this->bySet[$set] = [$parts, $apart];
        }
    }

    /**
     * How far L* may be off the target's if ΔE is no more than given: |ΔL*| ≤ ΔE · S_L, and S_L is largest where the mean is farthest from 50.
     */
    private function far(float $deltaE): float
    {
        $far = self::LARGEST_SL * $deltaE;
        for ($round = 0; $round < 3; ++$round) {
            $far = min($far, $deltaE * DeltaE2000::sl(50 + abs($this->target->l - 50) + $far / 2));
        }

        return $far;
    }

    /**
     * @param array{non-empty-array<int, int>, float} $found
     */
    private function mix(array $found): MatchedMix
    {
        [$parts, $apart] = $found;
        $keys = array_keys($this->paints);
        $film = Optics::mix(array_map(fn (int $paint, int $part): array => [$this->paints[$keys[$paint]], (float) $part], array_keys($parts), $parts));

        return new MatchedMix(array_combine(array_map(static fn (int $p): int|string => $keys[$p], array_keys($parts)), $parts), $apart, $this->surface->observed($film->masstone())->light()->colour());
    }

    /**
     * @param list<float> $sum
     * @param list<float> $more
     *
     * @return list<float>
     */
    private static function plus(array $sum, array $more): array
    {
        $with = [];
        foreach ($sum as $i => $value) {
            $with[] = $value + $more[$i];
        }

        return $with;
    }

    /** Greatest common divisor. */
    private static function common(int $a, int $b): int
    {
        return 0 === $b ? $a : self::common($b, $a % $b);
    }
}
