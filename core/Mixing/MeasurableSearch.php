<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Measure\MeasureAtHand;

/**
 * The state of one search for a measurable batch: what is wanted, and the best found so far.
 *
 * @internal belongs to FindMeasurableBatch
 */
final class MeasurableSearch
{
    /** So many branches are followed to choose among batches that yield the same … */
    private const NODES_FOR_TIES = 4_000;
    /** … and so many to find a smaller one; then the best so far is the answer, and says that it may not be the smallest. */
    private const MOST_NODES = 60_000;

    public ?MeasuredBatch $best = null;
    public float $bestYield = \INF;
    private float $bestError = \INF;
    private int $nodes = 0;
    public readonly float $needFloat;
    public readonly float $toleranceFloat;
    public readonly float $largestYieldPerMl;
    /** @var non-empty-list<int> leaves, largest share first */
    public readonly array $order;
    /** @var array<int, float> share of the measured total, by leaf */
    public readonly array $share;
    /** @var array<int, BigRational> */
    private array $exactShare;
    /** @var array<int, float> ml of yield per ml as measured, by leaf */
    private array $yieldPerMl;

    public function __construct(private readonly FlatMix $mix, private readonly BigRational $need, private readonly BigRational $tolerance)
    {
        $total = ExactNumber::sum(array_map(static fn (Component $l): BigRational => $l->measured(), $mix->leaves));
        $this->exactShare = array_map(
            static fn (Component $l): BigRational => $l->measured()->dividedBy($total)->simplified(),
            $mix->leaves,
        );
        $this->share = array_map(static fn (BigRational $s): float => $s->toFloat(), $this->exactShare);
        $this->yieldPerMl = array_map(static fn (Component $l): float => $l->volume->dividedBy($l->measured())->toFloat(), $mix->leaves);
        $order = array_keys($mix->leaves);
        usort($order, fn (int $a, int $b): int => $this->share[$b] <=> $this->share[$a] ?: $a <=> $b);
        $this->order = $order;
        $this->needFloat = $need->toFloat();
        $this->toleranceFloat = $tolerance->toFloat();
        $this->largestYieldPerMl = max($this->yieldPerMl);
    }

    /**
     * The least a batch can yield whose measured total is at least this many ml.
     */
    public function leastYield(float $total): float
    {
        $sum = 0.0;
        foreach ($this->share as $i => $share) {
            $sum += $this->yieldPerMl[$i] * $share * (1 - $this->toleranceFloat) * $total;
        }

        return $sum;
    }

    /**
     * Is there nothing smaller to be found, or no more time to look?
     */
    public function isOver(): bool
    {
        return $this->nodes >= self::MOST_NODES || ($this->nodes >= self::NODES_FOR_TIES && $this->bestYield <= $this->needFloat + 1e-9);
    }

    /**
     * The best batch found, which says whether it is proved to be the smallest.
     */
    public function result(): ?MeasuredBatch
    {
        return null === $this->best || $this->nodes < self::MOST_NODES ? $this->best : $this->best->perhapsNotSmallest();
    }

    /**
     * Tries every completion of what is chosen, cheapest first, cutting what cannot beat the best.
     *
     * @param non-empty-list<array{float, MeasureAtHand, int}> $chosen in search order
     * @param list<list<array{float, MeasureAtHand, int}>>     $rest   ascending options of the ingredients still to choose
     */
    public function complete(array $chosen, array $rest): void
    {
        if ([] === $rest) {
            $this->keepIfBetter($chosen);

            return;
        }
        $least = $most = 0.0;
        foreach (\array_slice($rest, 1) as $k => $options) {
            $perMl = $this->yieldPerMl[$this->order[\count($chosen) + 1 + $k]];
            $least += $options[0][0] * $perMl;
            $most += $options[\count($options) - 1][0] * $perMl;
        }
        $sofar = $this->yieldOf($chosen);
        foreach ($rest[0] as $option) {
            $yield = $sofar + $option[0] * $this->yieldPerMl[$this->order[\count($chosen)]];
            if ($yield + $most < $this->needFloat - 1e-9) {
                continue;
            }
            if ($yield + $least > $this->bestYield + ($this->nodes < self::NODES_FOR_TIES ? 1e-9 : -1e-9) || $this->isOver()) {
                return;
            }
            ++$this->nodes;
            $this->complete([...$chosen, $option], \array_slice($rest, 1));
        }
    }

    /**
     * @param non-empty-list<array{float, MeasureAtHand, int}> $chosen
     */
    private function yieldOf(array $chosen): float
    {
        $yield = 0.0;
        foreach ($chosen as $k => [$ml]) {
            $yield += $ml * $this->yieldPerMl[$this->order[$k]];
        }

        return $yield;
    }

    /**
     * @param non-empty-list<array{float, MeasureAtHand, int}> $chosen
     */
    private function keepIfBetter(array $chosen): void
    {
        $total = array_sum(array_column($chosen, 0));
        $error = 0.0;
        foreach ($chosen as $k => [$ml]) {
            $error = max($error, abs($ml / $total / $this->share[$this->order[$k]] - 1));
        }
        $yield = $this->yieldOf($chosen);
        if (
            $error > $this->toleranceFloat + 1e-9
            || $yield < $this->needFloat - 1e-9
            || ($yield > $this->bestYield - 1e-9 && $error > $this->bestError + 1e-9)
        ) {
            return;
        }
        $batch = $this->exactly($chosen);
        if (null !== $batch && (null === $this->best || $this->compare($batch, $this->best) < 0)) {
            $this->best = $batch;
            $this->bestYield = $batch->yield->toFloat();
            $this->bestError = $batch->error->toFloat();
        }
    }

    private function compare(MeasuredBatch $a, MeasuredBatch $b): int
    {
        return $a->yield->compareTo($b->yield) ?: $a->error->compareTo($b->error) ?: $a->fills() <=> $b->fills();
    }

    /**
     * @param non-empty-list<array{float, MeasureAtHand, int}> $chosen
     */
    private function exactly(array $chosen): ?MeasuredBatch
    {
        $amounts = $lines = [];
        foreach ($chosen as $k => [, $measure, $steps]) {
            $i = $this->order[$k];
            $lines[$i] = new MeasuredLine($this->mix->leaves[$i]->material, $measure, $steps);
            $amounts[$i] = $lines[$i]->millilitres();
        }
        $total = ExactNumber::sum($amounts);
        $yield = $error = BigRational::zero();
        foreach ($amounts as $i => $amount) {
            $leaf = $this->mix->leaves[$i];
            $yield = $yield->plus($amount->multipliedBy($leaf->volume)->dividedBy($leaf->measured()));
            $off = $amount->dividedBy($total)->dividedBy($this->exactShare[$i])->minus(1)->abs();
            $error = $off->isGreaterThan($error) ? $off : $error;
        }
        if ($error->isGreaterThan($this->tolerance) || $yield->isLessThan($this->need)) {
            return null;
        }
        ksort($lines);

        return new MeasuredBatch(
            yield: $yield->simplified(),
            surplus: $yield->minus($this->need)->simplified(),
            error: $error->simplified(),
            lines: array_values($lines),
        );
    }
}
