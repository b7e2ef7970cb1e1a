<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;

/**
 * Maximises a linear objective under linear conditions, no variable negative: the simplex method in two phases, in rationals, with
 * Bland's rule, which never goes round in circles (R. G. Bland, 1977).
 *
 * Exact, so that "no more can be had" is proved and not only likely. For some dozens of rows and columns.
 */
final class SolveLinear
{
    /**
     * @param array<int, BigRational> $objective by variable
     * @param list<Row>               $rows
     *
     * @return Optimum|null null where the conditions contradict each other
     *
     * @throws \LogicException if there is no largest value
     */
    public function maximise(int $variables, array $objective, array $rows): ?Optimum
    {
        $tableau = new Tableau($variables, $rows);
        $tableau->price($tableau->artificials(-1));
        $tableau->improve();
        if (!$tableau->value()->isZero()) {
            return null;
        }
        $tableau->forgetArtificials();
        $tableau->price($objective);
        $tableau->improve();

        return new Optimum($tableau->value(), $tableau->solution(), $tableau->prices());
    }
}
