<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * Finds the smoothest spectrum that has a colour: least hyperbolic-tangent slope squared (S. A. Burns, "Generating reflectance curves from
 * sRGB triplets", 2020).
 *
 * With ρ = (tanh z + 1) ÷ 2, which no z takes out of 0 … 1, it minimises Σ (zᵢ₊₁ − zᵢ)² subject to T ρ = the linear colour; Newton on the
 * 36 z and the 3 multipliers λ. The
 * system is tridiagonal but for a border; its last z goes into the border too, for the tridiagonal block by itself would be singular
 * (shifting all z alike costs nothing). Channels of 0 and 1
 * are out of reach of tanh and are taken 10⁻⁴ inside. What was found is kept.
 */
final class RecoverSpectrum
{
    private const INSIDE = 1e-4;
    private const TOLERANCE = 1e-9;
    private const MOST_ROUNDS = 60;
    private const MOST_KEPT = 2000;

    /** @var array<string, Spectrum> by colour */
    private array $found = [];

    public function __construct(private readonly ?Memory $memory = null)
    {
    }

    public function recover(Colour $colour): Spectrum
    {
        if (\count($this->found) > self::MOST_KEPT) {
            $this->found = [];
        }

        return $this->found[$colour->hex] ??= $this->remembered($colour);
    }

    private function remembered(Colour $colour): Spectrum
    {
        $solve = fn (): Spectrum => $this->solve(array_map(
            static fn (float $v): float => max(self::INSIDE, min(1.0 - self::INSIDE, $v)),
            Light::of($colour)->channels(),
        ));

        return null === $this->memory
            ? $solve()
            : Spectrum::of($this->memory->recall($colour->hex, static fn (): array => [$solve()->bands])[0]);
    }

    /**
     * @param array{float, float, float} $rgb linear
     */
    private function solve(array $rgb): Spectrum
    {
        $n = Observer::BANDS;
        $t = Observer::WEIGHTS;
        $z = array_fill(0, $n, 0.0);
        $lambda = [0.0, 0.0, 0.0];
        for ($round = 0; $round < self::MOST_ROUNDS; ++$round) {
            $tanh = array_map(tanh(...), $z);
            $slope = array_map(static fn (float $h): float => (1.0 - $h * $h) / 2.0, $tanh);
            $pull = [];
            for ($i = 0; $i < $n; ++$i) {
                $pull[] = $t[0][$i] * $lambda[0] + $t[1][$i] * $lambda[1] + $t[2][$i] * $lambda[2];
            }
            [$off, $size] = $this->residual(z: $z, tanh: $tanh, slope: $slope, pull: $pull, rgb: $rgb);
            if ($size < self::TOLERANCE) {
                break;
            }
            $step = $this->step(tanh: $tanh, slope: $slope, pull: $pull, off: $off);
            for ($i = 0; $i < $n; ++$i) {
                $z[$i] -= $step[$i];
            }
            for ($k = 0; $k < 3; ++$k) {
                $lambda[$k] -= $step[$n + $k];
            }
        }

        return Spectrum::of(array_map(static fn (float $v): float => (tanh($v) + 1.0) / 2.0, $z));
    }

    /**
     * How far z and λ are from a solution.
     *
     * @param list<float>                $z
     * @param list<float>                $tanh
     * @param list<float>                $slope dρ/dz
     * @param list<float>                $pull  Tᵀλ
     * @param array{float, float, float} $rgb
     *
     * @return array{list<float>, float} all 39 residuals, and the largest
     */
    private function residual(array $z, array $tanh, array $slope, array $pull, array $rgb): array
    {
        $n = Observer::BANDS;
        $off = [];
        for ($i = 0; $i < $n; ++$i) {
            $bend = (0 === $i ? 0.0 : $z[$i] - $z[$i - 1]) - ($n - 1 === $i ? 0.0 : $z[$i + 1] - $z[$i]);
            $off[] = 2.0 * $bend + $slope[$i] * $pull[$i];
        }
        foreach (Observer::WEIGHTS as $k => $row) {
            $sum = -$rgb[$k];
            for ($i = 0; $i < $n; ++$i) {
                $sum += $row[$i] * ($tanh[$i] + 1.0) / 2.0;
            }
            $off[] = $sum;
        }

        return [$off, max(array_map(abs(...), $off))];
    }

    /**
     * One Newton step: the 35 leading unknowns are eliminated by the tridiagonal algorithm, for the residual and the four columns of the
     * border at once.
     *
     * @param list<float> $tanh
     * @param list<float> $slope
     * @param list<float> $pull
     * @param list<float> $off
     *
     * @return list<float>
     */
    private function step(array $tanh, array $slope, array $pull, array $off): array
    {
        $m = Observer::BANDS - 1;
        $t = Observer::WEIGHTS;
        $diagonal = [];
        for ($i = 0; $i <= $m; ++$i) {
            $diagonal[] = (0 === $i || $m === $i ? 2.0 : 4.0) - 2.0 * $slope[$i] * $tanh[$i] * $pull[$i];
        }
        // right-hand sides: residual; coupling to the last z; coupling to the three multipliers
        $rows = [];
        for ($i = 0; $i < $m; ++$i) {
            $rows[] = [$off[$i], $m - 1 === $i ? -2.0 : 0.0, $slope[$i] * $t[0][$i], $slope[$i] * $t[1][$i], $slope[$i] * $t[2][$i]];
        }
        $upper = [];
        $before = 0.0;
        for ($i = 0; $i < $m; ++$i) {
            $pivot = $diagonal[$i] + (0 === $i ? 0.0 : 2.0 * $before);
            $before = $upper[$i] = -2.0 / $pivot;
            foreach ($rows[$i] as $c => $value) {
                $rows[$i][$c] = ($value + (0 === $i ? 0.0 : 2.0 * $rows[$i - 1][$c])) / $pivot;
            }
        }
        for ($i = $m - 2; $i >= 0; --$i) {
            foreach ($rows[$i] as $c => $value) {
                $rows[$i][$c] = $value - $upper[$i] * $rows[$i + 1][$c];
            }
        }

        // what is left: the last z and λ
        $small = [[$diagonal[$m], $slope[$m] * $t[0][$m], $slope[$m] * $t[1][$m], $slope[$m] * $t[2][$m], $off[$m]]];
        for ($c = 0; $c < 4; ++$c) {
            $small[0][$c] += 2.0 * $rows[$m - 1][$c + 1];
        }
        $small[0][4] += 2.0 * $rows[$m - 1][0];
        for ($k = 0; $k < 3; ++$k) {
            $row = [$slope[$m] * $t[$k][$m], 0.0, 0.0, 0.0, $off[$m + 1 + $k]];
            for ($i = 0; $i < $m; ++$i) {
                $weight = $slope[$i] * $t[$k][$i];
                for ($c = 0; $c < 4; ++$c) {
                    $row[$c] -= $weight * $rows[$i][$c + 1];
                }
                $row[4] -= $weight * $rows[$i][0];
            }
            $small[] = $row;
        }
        $rest = self::gauss($small);
        $step = [];
        for ($i = 0; $i < $m; ++$i) {
            $step[] = $rows[$i][0] - $rows[$i][1] * $rest[0] - $rows[$i][2] * $rest[1] - $rows[$i][3] * $rest[2] - $rows[$i][4] * $rest[3];
        }

        return [...$step, ...$rest];
    }

    /**
     * @param non-empty-list<array<int, float>> $rows four equations, the right-hand side last
     *
     * @return list<float>
     */
    private static function gauss(array $rows): array
    {
        $n = \count($rows);
        for ($c = 0; $c < $n; ++$c) {
            $largest = $c;
            for ($r = $c + 1; $r < $n; ++$r) {
                $largest = abs($rows[$r][$c]) > abs($rows[$largest][$c]) ? $r : $largest;
            }
            [$rows[$c], $rows[$largest]] = [$rows[$largest], $rows[$c]];
            for ($r = $c + 1; $r < $n; ++$r) {
                $times = $rows[$r][$c] / $rows[$c][$c];
                for ($k = $c; $k <= $n; ++$k) {
                    $rows[$r][$k] -= $times * $rows[$c][$k];
                }
            }
        }
        $x = array_fill(0, $n, 0.0);
        for ($r = $n - 1; $r >= 0; --$r) {
            $sum = $rows[$r][$n];
            for ($k = $r + 1; $k < $n; ++$k) {
                $sum -= $rows[$r][$k] * $x[$k];
            }
            $x[$r] = $sum / $rows[$r][$r];
        }

        return array_values($x);
    }
}
