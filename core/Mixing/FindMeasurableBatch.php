<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\MeasureAtHand;

/**
 * Finds the smallest batch, at least as large as the need, with every ingredient in whole steps of one measure and the
 * ratio error within a tolerance. Ties go to the smaller error, then to fewer fills.
 *
 * Searched depth-first over the ingredients, largest share first, cut by the least yield still to come; bounds are floats
 * with slack, what is kept is checked exactly.
 */
final class FindMeasurableBatch
{
    /** No more fills of one measure than a painter counts without losing count. */
    public const MOST_FILLS = 6;
    /** No batch more than this many times the need: then a finer measure is the answer. */
    private const MOST_TIMES = 40;
    private const SLACK = 1e-9;

    /**
     * @param BigRational         $need      in ml of yield, above zero
     * @param list<MeasureAtHand> $measures
     * @param BigRational         $tolerance largest ratio error, for example 1/50
     *
     * @return MeasuredBatch|null null where these measures cannot make it
     *
     * @throws MixingRefusal if nothing is wanted
     */
    public function find(FlatMix $mix, BigRational $need, array $measures, BigRational $tolerance): ?MeasuredBatch
    {
        if (!$need->isPositive()) {
            throw MixingRefusal::noBatchWanted();
        }
        $search = new MeasurableSearch($mix, $need, $tolerance);
        $first = $search->order[0];
        $least = $search->needFloat / $search->largestYieldPerMl * $search->share[$first] * (1 - $search->toleranceFloat);
        $options = $this->options($mix->leaves[$first], $measures, $least, $least * self::MOST_TIMES + 1);
        foreach ($options as [$ml, $line]) {
            $total = [$ml / ($search->share[$first] * (1 + $search->toleranceFloat)), $ml / ($search->share[$first] * max(1e-6, 1 - $search->toleranceFloat))];
            if ($search->leastYield($total[0]) > $search->bestYield + self::SLACK) {
                break;
            }
            $rest = [];
            foreach (\array_slice($search->order, 1) as $i) {
                $low = $total[0] * $search->share[$i] * (1 - $search->toleranceFloat);
                $rest[] = $this->options($mix->leaves[$i], $measures, $low, $total[1] * $search->share[$i] * (1 + $search->toleranceFloat));
            }
            if (!\in_array([], $rest, true)) {
                $search->complete([[$ml, $line]], $rest);
            }
        }

        return $search->best;
    }

    /**
     * Every amount of one ingredient that some measure gives in whole steps within the range, ascending in ml.
     *
     * @param list<MeasureAtHand> $measures
     *
     * @return list<array{float, MeasuredLine}>
     */
    private function options(Leaf $leaf, array $measures, float $low, float $high): array
    {
        $found = [];
        foreach ($measures as $measure) {
            $stepMl = $measure->step->toFloat() / (Dimension::Mass === $measure->dimension ? $leaf->material->body->asMeasured()->toFloat() : 1.0);
            $most = (int) floor(self::MOST_FILLS * $measure->capacity->toFloat() / $measure->step->toFloat() + self::SLACK);
            $to = (int) min($most, floor($high / $stepMl + self::SLACK));
            for ($k = max(1, (int) ceil($low / $stepMl - self::SLACK)); $k <= $to; ++$k) {
                $line = new MeasuredLine($leaf->material, $measure, $k);
                $key = \sprintf('%.9F', $k * $stepMl);
                if (!isset($found[$key]) || $line->fills() < $found[$key][1]->fills()) {
                    $found[$key] = [$k * $stepMl, $line];
                }
            }
        }
        usort($found, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $found;
    }
}
