<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;

/**
 * Tells, while a mix is poured on a scale, up to how much of every ingredient is to be poured.
 *
 * What has been poured cannot be taken out again: with rᵢ = grams poured ÷ grams wanted per ml, the yield is the larger of what is wanted and of
 * max rᵢ over what is done with; the targets of the rest follow it. What is being poured counts only once it is more than its target. Exact.
 */
final class FollowPour
{
    /**
     * @param BigRational       $yield  ml wanted
     * @param list<BigRational> $poured grams of the first ingredients, in pouring order; the last of them is being poured
     *
     * @throws MixingRefusal if nothing is wanted, more is poured than the mix has ingredients, or less than nothing
     */
    public function follow(FlatMix $wanted, BigRational $yield, array $poured): Pouring
    {
        if (!$yield->isPositive()) {
            throw MixingRefusal::noBatchWanted();
        }
        if (\count($poured) > \count($wanted->leaves)) {
            throw MixingRefusal::nothingMoreToPour();
        }
        $most = $yield;
        foreach ($poured as $i => $grams) {
            if ($grams->isNegative()) {
                throw MixingRefusal::negativePart($wanted->leaves[$i]->material->name);
            }
            $supports = $grams->dividedBy($wanted->leaves[$i]->mass);
            $most = $supports->isGreaterThan($most) ? $supports : $most;
        }

        return new Pouring($most->simplified(), array_map(static fn (Leaf $l): Portion => Portion::of($l->material, $l->mass->multipliedBy($most)), $wanted->leaves));
    }
}
