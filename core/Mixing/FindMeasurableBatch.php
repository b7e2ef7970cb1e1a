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
     * @throws InvalidMix if nothing is wanted
     */
    public function find(FlatMix $mix, BigRational $need, array $measures, BigRational $tolerance): ?MeasuredBatch
    {
        if (!$need->isPositive()) {
            throw InvalidMix::noBatchWanted();
        }
        $search = new MeasurableSearch($mix, $need, $tolerance);
        $spoons = $this->spoons($mix, $measures);
        $first = $search->order[0];
        $least = $search->needFloat / $search->largestYieldPerMl * $search->share[$first] * (1 - $search->toleranceFloat);
        // Most batches are found close above the need; only where none is, all the larger ones are tried too.
        foreach ([2, self::MOST_TIMES] as $times) {
            $most = $least * $times + 1;
            $this->try(search: $search, spoons: $spoons, least: $least, most: $most);
            if (
                $search->isOver()
                || $search->leastYield($most / ($search->share[$first] * (1 + $search->toleranceFloat))) > $search->bestYield
            ) {
                break;
            }
        }

        return $search->result();
    }

    /**
     * Tries every batch whose largest ingredient lies between two amounts in ml, smaller ones first.
     *
     * @param array<int, list<array{MeasureAtHand, float, float}>> $spoons by ingredient
     */
    private function try(MeasurableSearch $search, array $spoons, float $least, float $most): void
    {
        $first = $search->order[0];
        foreach ($this->options($spoons[$first], $least, $most) as $option) {
            $total = [
                $option[0] / ($search->share[$first] * (1 + $search->toleranceFloat)),
                $option[0] / ($search->share[$first] * (1 - $search->toleranceFloat)),
            ];
            if ($search->leastYield($total[0]) > $search->bestYield + self::SLACK || $search->isOver()) {
                return;
            }
            $rest = [];
            foreach (\array_slice($search->order, 1) as $i) {
                $low = $total[0] * $search->share[$i] * (1 - $search->toleranceFloat);
                $rest[] = $options = $this->options($spoons[$i], $low, $total[1] * $search->share[$i] * (1 + $search->toleranceFloat));
                if ([] === $options) {
                    continue 2;
                }
            }
            $search->complete([$option], $rest);
        }
    }

    /**
     * The measures as floats: the search asks for them thousands of times.
     *
     * @param list<MeasureAtHand> $measures
     *
     * @return non-empty-list<list<array{MeasureAtHand, float, float}>> for each ingredient: measure, ml of one step of it, steps in a fill
     */
    private function spoons(FlatMix $mix, array $measures): array
    {
        $floats = array_map(
            static fn (MeasureAtHand $m): array => [$m, $m->step->toFloat(), $m->capacity->toFloat() / $m->step->toFloat()],
            $measures,
        );

        return array_map(static function (Component $leaf) use ($floats): array {
            $density = $leaf->material->body->asMeasured()->toFloat();

            return array_map(
                static fn (array $f): array => [$f[0], Dimension::Mass === $f[0]->dimension ? $f[1] / $density : $f[1], $f[2]],
                $leaf->material->isPowder()
                    ? array_values(array_filter($floats, static fn (array $f): bool => $f[0]->takesPowder()))
                    : $floats,
            );
        }, $mix->leaves);
    }

    /**
     * Every amount of one ingredient that some measure gives in whole steps within the range, ascending in ml; where two
     * measures give the same, the one with fewer fills.
     *
     * @param list<array{MeasureAtHand, float, float}> $spoons
     *
     * @return list<array{float, MeasureAtHand, int}> ml, measure and its steps
     */
    private function options(array $spoons, float $low, float $high): array
    {
        $found = $fills = [];
        foreach ($spoons as [$measure, $stepMl, $stepsPerFill]) {
            $to = (int) min(floor(self::MOST_FILLS * $stepsPerFill + self::SLACK), floor($high / $stepMl + self::SLACK));
            for ($k = max(1, (int) ceil($low / $stepMl - self::SLACK)); $k <= $to; ++$k) {
                $key = (int) round($k * $stepMl * 1e6);
                $needs = ceil($k / $stepsPerFill - self::SLACK);
                if (!isset($found[$key]) || $needs < $fills[$key]) {
                    $found[$key] = [$k * $stepMl, $measure, $k];
                    $fills[$key] = $needs;
                }
            }
        }
        ksort($found);

        return array_values($found);
    }
}
