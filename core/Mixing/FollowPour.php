<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;

/**
 * Tells, while a mix is poured on a scale, up to how much of every ingredient is to be poured.
 *
 * What has been poured cannot be taken out again: with rᵢ = grams poured ÷ grams wanted per ml, the yield is the larger of what is wanted
 * and of
 * max rᵢ over what is done with; the targets of the rest follow it. What is being poured counts only once it is more than its target.
 * Exact.
 */
final class FollowPour
{
    /**
     * @param BigRational       $yield  ml wanted
     * @param list<BigRational> $poured grams of the first ingredients, in pouring order; the last of them is being poured
     *
     * @throws InvalidMix if nothing is wanted, more is poured than the mix has ingredients, or less than nothing
     */
    public function follow(FlatMix $wanted, BigRational $yield, array $poured): Pouring
    {
        if (!$yield->isPositive()) {
            throw InvalidMix::noBatchWanted();
        }
        if (\count($poured) > \count($wanted->leaves)) {
            throw InvalidMix::nothingMoreToPour();
        }
        $holds = $wanted->leastYield(Contents::of(array_map(
            static fn (BigRational $grams, Component $l): Portion => Portion::of($l->material, $grams),
            $poured,
            \array_slice($wanted->leaves, 0, \count($poured)),
        )));
        $most = $holds->isGreaterThan($yield) ? $holds->simplified() : $yield->simplified();

        return new Pouring($most, Contents::ofMix($wanted, $most));
    }
}
