<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

// Named in full it is called without a look for one of our own first, in the innermost loop.
use function sqrt;

/**
 * Finds the mix of few paints in small whole parts that comes nearest to a colour, at full strength under a given surface.
 *
 * Every mix of up to four of the paints with at most twelve parts in all is looked at, those that are others in larger parts left out. Of
 * all within ½ ΔE of the nearest the one with the fewest paints is
 * taken, of these the one with the fewest parts, of these the nearest. What cannot be told goes early: a whole set of paints by how light
 * and dark its paints are, a mix by its lightness in the brightest
 * bands, then by a bound of ΔE without angles.
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
    /** How many of the bands, sorted by what they add to the luminance, are looked at first. */
    private const BRIGHT = 20;
    /** S of what does not scatter: as good as black. */
    private const BLACK = 1e-12;
    /** How many mixes and sets of paints are looked at between two looks at the time. */
    private const EVERY = 500;

    /** @var array<int, array<int, list<float>>> absorption by paint and how many parts of it */
    private array $absorption = [];
    /** @var array<int, array<int, list<float>>> scattering likewise */
    private array $scattering = [];
    /** @var array<string, array{non-empty-array<int, int>, float}> parts and ΔE of the nearest by its paints */
    private array $bySet = [];
    /** @var array<int, array<int, array{non-empty-array<int, int>, float}>> nearest by number of paints and of parts */
    private array $bySize = [];
    private float $nearest = \INF;
    /** No mix farther off is told: of the best and the others none can be. */
    private float $reach = \INF;
    /** Luminances beyond which nothing can be near enough. */
    private float $darkest = -\INF;
    private float $lightest = \INF;
    /** @var list<int> the bands, those first that the eye sees most of */
    private readonly array $order;
    /**
     * @var array{list<float>, list<float>, list<float>} what each band adds to X, Y and Z relative to white, in the order of the bands here
     */
    private readonly array $eye;
    /** @var array<int, list<float>> what is seen of each paint alone, band by band: of a mix each band lies between those of its paints */
    private array $alone = [];
    /** @var list<float> what each of the brightest bands adds to Y */
    private readonly array $bright;
    private int $looked = 0;
    private bool $over = false;

    /**
     * @param non-empty-array<array-key, Optics> $paints by key
     * @param \Closure(): bool                   $isOver whether the time is up
     * @param int                                $most   paints in one mix
     */
    private function __construct(
        private readonly array $paints,
        private readonly Lab $target,
        private readonly FirstSurface $surface,
        private readonly int $most,
        private readonly \Closure $isOver,
    ) {
        [, $luminance] = Observer::RELATIVE;
        arsort($luminance);
        $this->order = array_keys($luminance);
        [$x, $y, $z] = Observer::RELATIVE;
        $this->eye = [$this->brightFirst($x), $this->brightFirst($y), $this->brightFirst($z)];
        $this->bright = \array_slice($this->eye[1], 0, self::BRIGHT);
        foreach (array_values($paints) as $i => $optics) {
            for ($part = 1; $part <= self::MOST_PARTS; ++$part) {
                $this->absorption[$i][$part] = $this->brightFirst($optics->times($part)->absorption);
                $this->scattering[$i][$part] = $this->brightFirst($optics->times($part)->scattering);
            }
            $this->alone[$i] = $this->brightFirst($surface->observed($optics->masstone())->bands);
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
    public static function find(
        array $paints,
        Lab $target,
        FirstSurface $surface,
        \Closure $isOver,
        int $most = self::MOST_PAINTS,
    ): ColourMatch {
        if ([] === $paints) {
            return new ColourMatch(null, [], true);
        }
        $search = new self(
            paints: $paints,
            target: $target,
            surface: $surface,
            most: min($most, self::MOST_PAINTS, \count($paints)),
            isOver: $isOver,
        );

        return $search->search();
    }

    private function search(): ColourMatch
    {
        for ($paints = 1; $paints <= $this->most; ++$paints) {
            $this->choose($paints - 1, []);
        }
        $best = $this->best();
        $others = array_values(array_filter(
            $this->bySet,
            fn (array $m): bool => $m[1] <= $this->nearest + self::NEAR && array_keys($m[0]) !== array_keys($best[0] ?? []),
        ));
        usort($others, static fn (array $a, array $b): int => $a[1] <=> $b[1]);

        return new ColourMatch(
            null === $best ? null : $this->mix($best),
            array_map($this->mix(...), \array_slice($others, 0, self::MOST_OTHERS)),
            !$this->over,
        );
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
     * Chooses all paints of a mix but the last, and those that may be the last: with them the mix can be as light as is asked.
     *
     * @param list<int> $set
     */
    private function choose(int $more, array $set): void
    {
        $from = [] === $set ? 0 : end($set) + 1;
        if ($more > 0) {
            for ($paint = $from; $paint < \count($this->alone) - $more; ++$paint) {
                $this->choose($more - 1, [...$set, $paint]);
            }

            return;
        }
        $last = [];
        for ($paint = $from; $paint < \count($this->alone) && !$this->over; ++$paint) {
            $dim = $this->dim([...$set, $paint]);
            if (null !== $dim) {
                $last[$paint] = $dim;
            }
        }
        if ([] !== $last) {
            $this->divide(
                set: $set,
                parts: [],
                left: self::MOST_PARTS,
                k: array_fill(0, Observer::BANDS, 0.0),
                s: array_fill(0, Observer::BANDS, self::BLACK),
                last: $last,
            );
        }
    }

    /**
     * What all but the brightest bands of any mix of these paints can add to Y, at least and at most; null where no such mix is as light or
     * dark as it must be to be told.
     *
     * @param non-empty-list<int> $set
     *
     * @return array{float, float}|null
     */
    private function dim(array $set): ?array
    {
        $this->lookAtTheTime();
        [$least, $most, $dimLeast, $dimMost] = [0.0, 0.0, 0.0, 0.0];
        foreach ($this->eye[1] as $i => $w) {
            $seen = array_map(fn (int $paint): float => $this->alone[$paint][$i], $set);
            [$low, $high] = [$w * min($seen), $w * max($seen)];
            $least += $low;
            $most += $high;
            if ($i >= self::BRIGHT) {
                $dimLeast += $low;
                $dimMost += $high;
            }
        }

        return $most < $this->darkest || $least > $this->lightest ? null : [$dimLeast, $dimMost];
    }

    /**
     * Takes so many parts of the next paint of a set, in every number that leaves one for each of the others and the last, and of each last
     * one every number that is left.
     *
     * @param list<int>                       $set
     * @param array<int, int>                 $parts by paint
     * @param list<float>                     $k     absorption of what is taken
     * @param list<float>                     $s     and its scattering
     * @param array<int, array{float, float}> $last  what the dim bands add, by the last paint
     */
    private function divide(array $set, array $parts, int $left, array $k, array $s, array $last): void
    {
        $more = \count($set) - \count($parts);
        if ($more > 0) {
            $paint = $set[\count($parts)];
            for ($part = 1; $part <= $left - $more; ++$part) {
                $this->divide(
                    set: $set,
                    parts: $parts + [$paint => $part],
                    left: $left - $part,
                    k: self::plus($k, $this->absorption[$paint][$part]),
                    s: self::plus($s, $this->scattering[$paint][$part]),
                    last: $last,
                );
            }

            return;
        }
        $common = array_reduce($parts, self::common(...), 0);
        foreach ($last as $paint => $dim) {
            for ($part = 1; $part <= $left && !$this->over; ++$part) {
                1 === self::common($common, $part) && $this->look(parts: $parts, paint: $paint, part: $part, k: $k, s: $s, dim: $dim);
            }
        }
    }

    /**
     * Looks at what is taken and so many parts of a last paint: `Optics`, `FirstSurface` and `Lab` in one go, which saves most of the time
     * here. The bands come with those first that the eye sees most of: after these it is
     * known how light it can be, and most mixes go no further.
     *
     * @param array<int, int>     $parts
     * @param list<float>         $k
     * @param list<float>         $s
     * @param array{float, float} $dim   what the other bands add to Y, at least and at most
     */
    private function look(array $parts, int $paint, int $part, array $k, array $s, array $dim): void
    {
        $this->lookAtTheTime();
        $share = $this->surface->share;
        [$through, $faint] = [1 - $share, 2 * $share];
        $more = $this->absorption[$paint][$part];
        $moreS = $this->scattering[$paint][$part];
        $bright = 0.0;
        $least = $this->darkest - $dim[1];
        $most = $this->lightest - $dim[0];
        foreach ($this->bright as $i => $w) {
            $q = ($k[$i] + $more[$i]) / ($s[$i] + $moreS[$i]);
            $inside = 1.0 + $q - sqrt($q * ($q + 2.0));
            $q = $inside * FirstSurface::OUT / (1.0 - FirstSurface::BACK * $inside);
            $seen = $share + $through * $q;
            $bright += $w * ($seen < $faint ? 2.0 * $q / (1.0 + $q) : $seen);
        }
        if ($bright < $least || $bright > $most) {
            return;
        }
        [$toX, $toY, $toZ] = $this->eye;
        $x = $y = $z = 0.0;
        foreach ($toX as $i => $w) {
            $q = ($k[$i] + $more[$i]) / ($s[$i] + $moreS[$i]);
            $inside = 1.0 + $q - sqrt($q * ($q + 2.0));
            $q = $inside * FirstSurface::OUT / (1.0 - FirstSurface::BACK * $inside);
            $seen = $share + $through * $q;
            if ($seen < $faint) {
                $seen = 2.0 * $q / (1.0 + $q);
            }
            $x += $w * $seen;
            $y += $toY[$i] * $seen;
            $z += $toZ[$i] * $seen;
        }
        $lab = Lab::ofRelative($x, $y, $z);
        if (DeltaE2000::atLeast($lab, $this->target) > $this->reach) {
            return;
        }
        $apart = DeltaE2000::between($lab, $this->target);
        if ($apart <= $this->reach) {
            $this->keep($parts + [$paint => $part], $apart);
        }
    }

    private function lookAtTheTime(): void
    {
        if (0 === ++$this->looked % self::EVERY && ($this->isOver)()) {
            $this->over = true;
        }
    }

    /**
     * @param non-empty-array<int, int> $parts
     */
    private function keep(array $parts, float $apart): void
    {
        [$paints, $total, $set] = [\count($parts), array_sum($parts), implode(' ', array_keys($parts))];
        if ($apart < ($this->bySize[$paints][$total][1] ?? \INF)) {
            $this->bySize[$paints][$total] = [$parts, $apart];
        }
        if ($apart >= ($this->bySet[$set][1] ?? \INF)) {
            return;
        }
        $this->bySet[$set] = [$parts, $apart];
        $nearest = array_column($this->bySet, 1);
        sort($nearest);
        $this->nearest = $nearest[0];
        $this->reach = max($this->nearest + self::TIE, min($this->nearest + self::NEAR, $nearest[self::MOST_OTHERS] ?? \INF));
        $far = $this->far($this->reach);
        [$this->darkest, $this->lightest] = [Lab::luminance($this->target->l - $far), Lab::luminance($this->target->l + $far)];
    }

    /**
     * How far L* may be off the target's if ΔE is no more than given: |ΔL*| ≤ ΔE · S_L, and S_L is largest where the mean is farthest from
     * 50.
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
        $film = Optics::mix(array_map(
            fn (int $paint, int $part): array => [$this->paints[$keys[$paint]], (float) $part],
            array_keys($parts),
            $parts,
        ));

        return new MatchedMix(
            array_combine(array_map(static fn (int $p): int|string => $keys[$p], array_keys($parts)), $parts),
            $apart,
            $this->surface->observed($film->masstone())->light()->colour(),
        );
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
