<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;

/**
 * Grades a series between two mixes in even steps: rung k of n takes k ÷ (n − 1) of the second, by volume of the mixes, and the rest of the
 * first.
 *
 * So the share of every ingredient goes up or down in even steps too, and each rung can be poured together from the two ends. Exact.
 */
final class MakeLadder
{
    public const MOST_RUNGS = 12;

    /**
     * @param BigRational $each ml of every rung
     *
     * @return non-empty-list<Rung>
     *
     * @throws InvalidMix if there are too few or too many rungs, or nothing is wanted
     */
    public function make(FlatMix $from, FlatMix $to, int $rungs, BigRational $each): array
    {
        if ($rungs < 2 || $rungs > self::MOST_RUNGS) {
            throw InvalidMix::badLadder(self::MOST_RUNGS);
        }
        if (!$each->isPositive()) {
            throw InvalidMix::noBatchWanted();
        }

        return array_map(static function (int $k) use ($from, $to, $rungs, $each): Rung {
            $second = $each->multipliedBy(BigRational::nd($k, $rungs - 1))->simplified();
            $first = $each->minus($second)->simplified();

            return new Rung($first, $second, Contents::ofMix($from, $first)->plus(Contents::ofMix($to, $second)));
        }, range(0, $rungs - 1));
    }
}
