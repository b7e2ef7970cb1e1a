<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;

/**
 * Finds what comes nearest to a ratio when something runs out: the least error there can be, and with it the least added.
 *
 * With rᵢ = grams ÷ wanted grams per ml, T the volume in the pot, yᵢ = rᵢ ÷ T and u = 1 ÷ T, the error is max |yᵢ − 1| and everything is
 * linear: presentᵢ·u ≤ yᵢ ≤ (presentᵢ + haveᵢ)·u, Σ volumeᵢ·yᵢ = 1, u ≥ 1 ÷ what the vessel holds. Two exact linear programs: the least
 * error, then
 * the largest u with it.
 */
final readonly class FindNearestRatio
{
    public function __construct(private SolveLinear $solve = new SolveLinear())
    {
    }

    /**
     * @param Contents                   $pot   nothing in it that is not wanted
     * @param BigRational|null           $holds ml the vessel holds
     * @param array<string, BigRational> $have  grams there are to add, by material id; as much as is needed of what is not named
     */
    public function find(Contents $pot, FlatMix $wanted, ?BigRational $holds, array $have): NearestRatio
    {
        $n = \count($wanted->leaves);
        [$u, $e] = [$n, $n + 1]; // after one yᵢ for each leaf
        [$zero, $one] = [BigRational::zero(), BigRational::one()];
        $rows = [Row::exactly(array_map(static fn (Component $l): BigRational => $l->volume, $wanted->leaves), $one)];
        foreach ($wanted->leaves as $i => $leaf) {
            $id = $leaf->material->id;
            $rows[] = Row::atMost([$i => $one->negated(), $u => $pot->grams($id)->dividedBy($leaf->mass)], $zero);
            if (isset($have[$id])) {
                $rows[] = Row::atMost([$i => $one, $u => $pot->grams($id)->plus($have[$id])->dividedBy($leaf->mass)->negated()], $zero);
            }
            $rows[] = Row::atMost([$i => $one, $e => $one->negated()], $one);
            $rows[] = Row::atMost([$i => $one->negated(), $e => $one->negated()], $one->negated());
        }
        if (null !== $holds) {
            $rows[] = Row::atMost([$u => $one->negated()], $one->dividedBy($holds)->negated());
        }
        $least = $this->solve->maximise($n + 2, [$e => $one->negated()], $rows);
        \assert(null !== $least); // what is in the pot already is one answer
        $best = $this->solve->maximise($n + 2, [$u => $one], [...$rows, Row::atMost([$e => $one], $least->value->negated())]);
        \assert(null !== $best);
        $volume = $one->dividedBy($best->at[$u]);
        $then = Contents::of(array_map(
            static fn (Component $l, int $i): Portion => Portion::of(
                $l->material,
                $best->at[$i]->multipliedBy($volume)->multipliedBy($l->mass),
            ),
            $wanted->leaves,
            array_keys($wanted->leaves),
        ));

        return new NearestRatio($then->minus($pot), $then, $least->value->negated());
    }
}
