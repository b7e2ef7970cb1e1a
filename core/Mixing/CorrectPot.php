<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;

/**
 * Finds the least that has to go into a pot to bring it to the wanted ratio.
 *
 * What is in the pot of each material would do for rᵢ = grams ÷ wanted grams per ml of yield. Nothing can be taken out of a pot, so the
 * least yield that holds it all is T = max rᵢ, and every other material lacks (T − rᵢ) of its share: a smaller addition of any
 * one leaves its share too small. Where T does not go into the vessel, or a material runs out, a share k of the pot is kept and the rest
 * is poured off first: everything scales by k, and the largest k that fits is the least poured off. Exact.
 */
final readonly class CorrectPot
{
    public function __construct(private FindNearestRatio $nearest = new FindNearestRatio())
    {
    }

    /**
     * @param BigRational|null           $holds ml the vessel holds; null where it holds enough
     * @param array<string, BigRational> $have  grams there are to add, by material id; as much as is needed of what is not named
     * @param BigRational|null           $spare ml of the vessel that are to stay free
     *
     * @throws InvalidMix if the pot is empty, holds what is not in the mix, or is fuller than full
     */
    public function correct(
        Contents $pot,
        FlatMix $wanted,
        ?BigRational $holds = null,
        array $have = [],
        ?BigRational $spare = null,
    ): Correction {
        self::check($pot, $wanted, $holds);
        $yield = $wanted->leastYield($pot);
        $lacks = Contents::ofMix($wanted, $yield)->minus($pot);

        $room = null === $spare ? $holds : $holds?->minus($spare);
        $fits = null === $room || $yield->isLessThanOrEqualTo($room) ? BigRational::one() : $room->dividedBy($yield);
        $kept = $fits;
        $short = [];
        foreach ($lacks->portions as $id => $portion) {
            if (isset($have[$id]) && $have[$id]->isLessThan($portion->grams->multipliedBy($fits))) {
                $short[] = $portion->material;
                $reaches = $have[$id]->dividedBy($portion->grams);
                $kept = $reaches->isLessThan($kept) ? $reaches : $kept;
            }
        }

        return new Correction(
            yield: $yield->multipliedBy($kept)->simplified(),
            kept: $pot->times($kept),
            add: $lacks->times($kept),
            pouredOff: $pot->times(BigRational::one()->minus($kept)),
            addToPouredOff: $lacks->times(BigRational::one()->minus($kept)),
            short: $short,
            nearest: [] === $short ? null : $this->nearest->find(pot: $pot, wanted: $wanted, holds: $holds, have: $have),
        );
    }

    /**
     * @throws InvalidMix
     */
    private static function check(Contents $pot, FlatMix $wanted, ?BigRational $holds): void
    {
        if ($pot->isEmpty()) {
            throw InvalidMix::emptyPot();
        }
        $known = array_map(static fn (Component $l): string => $l->material->id, $wanted->leaves);
        $strangers = array_filter($pot->portions, static fn (Portion $p): bool => !\in_array($p->material->id, $known, true));
        if ([] !== $strangers) {
            throw InvalidMix::strangers(
                array_map(static fn (Portion $p): string => $p->material->name, array_values($strangers)),
                $wanted->name,
            );
        }
        if (null !== $holds && $pot->volume()->isGreaterThan($holds)) {
            throw InvalidMix::fullerThanFull();
        }
    }
}
