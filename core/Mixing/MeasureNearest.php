<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\RoundingMode;
use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\MeasureAtHand;

/**
 * Finds the whole steps of one measure that come nearest to an amount; of several equally near, with the fewest fills.
 */
final class MeasureNearest
{
    /** What is further off than this is not measured with it. */
    private const MOST_OFF = '1/5';

    /**
     * @param list<MeasureAtHand> $measures
     *
     * @return MeasuredLine|null null where no measure comes near enough
     */
    public function find(Portion $portion, array $measures): ?MeasuredLine
    {
        $best = null;
        $least = $portion->measured()->multipliedBy(self::MOST_OFF);
        foreach ($measures as $measure) {
            if ($portion->material->isPowder() && !$measure->takesPowder()) {
                continue;
            }
            $amount = Dimension::Mass === $measure->dimension ? $portion->grams : $portion->measured();
            $line = new MeasuredLine(
                $portion->material,
                $measure,
                max(1, $amount->dividedBy($measure->step)->toScale(0, RoundingMode::HALF_UP)->toInt()),
            );
            $off = $line->millilitres()->minus($portion->measured())->abs();
            $better = $off->compareTo($least) ?: (null === $best ? -1 : $line->fills() <=> $best->fills());
            if ($better < 0 && $line->fills() <= FindMeasurableBatch::MOST_FILLS) {
                [$best, $least] = [$line, $off];
            }
        }

        return $best;
    }
}
