<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;

/**
 * Makes the wanted mix out of leftovers: the most of it there can be, or, for so much of it, with as much of the leftovers as can be used.
 *
 * xᵢ the share taken of pot i, aᵢⱼ the grams of material j in it, yⱼ the grams added, T the yield, wⱼ the grams of j per ml wanted:
 * Σ xᵢaᵢⱼ + yⱼ = T·wⱼ for every material, 0 ≤ xᵢ ≤ 1, 0 ≤ yⱼ ≤ what there is. A pot with something that is not wanted is not touched.
 * Largest T; or, T given, the largest Σ xᵢ · volumeᵢ. Exact, with the prices of the linear program as proof.
 */
final readonly class PoolLeftovers
{
    public function __construct(private SolveLinear $solve = new SolveLinear())
    {
    }

    /**
     * The most of the mix there can be; of several ways the one that uses most of the leftovers.
     *
     * @param list<Contents>             $pots
     * @param array<string, BigRational> $have grams there are to add, by material id; nothing of what is not named
     */
    public function most(array $pots, FlatMix $wanted, array $have = []): Pooled
    {
        [$rows, $variables] = $this->rows($pots, $wanted, $have);
        $best = $this->solve->maximise($variables, [$variables - 1 => BigRational::one()], $rows);
        \assert(null !== $best); // nothing at all is one answer

        return $this->making(
            yield: $best->value,
            pots: $pots,
            wanted: $wanted,
            have: $have,
        ) ?? throw new \LogicException('This result can\'t be mixed.');
    }

    /**
     * So much of the mix, with as much of the leftovers as can be used.
     *
     * @param BigRational                $yield in ml
     * @param list<Contents>             $pots
     * @param array<string, BigRational> $have  grams there are to add, by material id; nothing of what is not named
     *
     * @return Pooled|null null where there is not enough for so much
     */
    public function making(BigRational $yield, array $pots, FlatMix $wanted, array $have): ?Pooled
    {
        [$rows, $variables] = $this->rows($pots, $wanted, $have);
        $volumes = array_map(static fn (Contents $p): BigRational => $p->volume(), $pots);
        $best = $this->solve->maximise($variables, $volumes, [...$rows, Row::exactly([$variables - 1 => BigRational::one()], $yield)]);

        return null === $best ? null : new Pooled(
            $yield,
            array_map(
                static fn (BigRational $v, int $i): BigRational => $v->multipliedBy($best->at[$i])->simplified(),
                $volumes,
                array_keys($volumes),
            ),
            Contents::of(array_map(
                static fn (Component $l, int $j): Portion => Portion::of($l->material, $best->at[\count($pots) + $j]),
                $wanted->leaves,
                array_keys($wanted->leaves),
            )),
        );
    }

    /**
     * The variables are the shares of the pots, the grams added, and last the yield.
     *
     * @param list<Contents>             $pots
     * @param array<string, BigRational> $have
     *
     * @return array{list<Row>, int} the rows, and how many variables
     */
    private function rows(array $pots, FlatMix $wanted, array $have): array
    {
        $yield = \count($pots) + \count($wanted->leaves);
        $strange = array_flip(array_merge(...array_map(static fn (Contents $p): array => array_keys($p->portions), $pots)));
        $rows = [];
        foreach ($wanted->leaves as $j => $leaf) {
            $id = $leaf->material->id;
            unset($strange[$id]);
            $in = array_map(static fn (Contents $p): BigRational => $p->grams($id), $pots);
            $rows[] = Row::exactly(
                [...$in, \count($pots) + $j => BigRational::one(), $yield => $leaf->mass->negated()],
                BigRational::zero(),
            );
            $rows[] = Row::atMost([\count($pots) + $j => BigRational::one()], $have[$id] ?? BigRational::zero());
        }
        foreach ($pots as $i => $pot) {
            $isStrange = [] !== array_intersect_key($pot->portions, $strange);
            $rows[] = Row::atMost([$i => BigRational::one()], $isStrange ? BigRational::zero() : BigRational::one());
        }

        return [$rows, $yield + 1];
    }
}
