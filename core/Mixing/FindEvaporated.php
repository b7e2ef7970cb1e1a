<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\Material;

/**
 * Tells from two weighings of a closed pot what has evaporated: the thinner, gram for gram.
 *
 * What is lost beyond the thinner that was added came out of the body itself: the pot then counts as holding none, and `thickened`
 * says how much its body lacks besides. The same grams of thinner restore it. Exact.
 */
final class FindEvaporated
{
    /**
     * @param BigRational $then    grams when it was closed, with or without the pot and its lid
     * @param BigRational $now     grams today, with the same
     * @param Material    $thinner what evaporates
     *
     * @throws InvalidMix if it is heavier than it was, or has lost more than could evaporate
     */
    public function find(Contents $pot, BigRational $then, BigRational $now, Material $thinner): EvaporatePotRequest
    {
        $lost = $then->minus($now)->simplified();
        if ($lost->isNegative()) {
            throw InvalidMix::heavierThanItWas();
        }
        if ($lost->isGreaterThan($this->most($pot, $thinner->body->carrier))) {
            throw InvalidMix::lostTooMuch($thinner->name);
        }
        $had = $pot->grams($thinner->id);
        $gone = $lost->isGreaterThan($had) ? $had : $lost;
        $left = Contents::of(array_map(
            static fn (Portion $p): Portion => $p->material->id === $thinner->id ? Portion::of($p->material, $p->grams->minus($gone)) : $p,
            $pot->portions,
        ));

        return new EvaporatePotRequest($left, Portion::of($thinner, $lost), $lost->minus($gone)->simplified());
    }

    /**
     * What there is to evaporate: of everything carried in the same, what does not stay when it dries, taken to be as dense as the whole.
     */
    private function most(Contents $pot, Carrier $carrier): BigRational
    {
        $most = BigRational::zero();
        foreach ($pot->portions as $portion) {
            $body = $portion->material->body;
            if ($body->carrier === $carrier) {
                $most = $most->plus($portion->grams->multipliedBy(BigRational::of(\sprintf('%.6F', 1 - $body->solids))));
            }
        }

        return $most;
    }
}
