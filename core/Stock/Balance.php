<?php

declare(strict_types=1);

namespace Inlaid\Core\Stock;

use Brick\Math\BigRational;
use Inlaid\Core\Measure\ExactNumber;

/**
 * What is where, after all that was moved.
 *
 * Immutable. In g, exactly, on the grid of {@see Move}. Nothing comes from nowhere: of every material, what was bought is what is on the
 * shelf and in pots, what was used
 * and what was thrown away. No more is taken from a place than is there.
 */
final readonly class Balance
{
    /**
     * @param array<string, array<string, BigRational>> $grams by account and material, without the zeros; what was bought as it came in
     */
    private function __construct(private array $grams)
    {
    }

    /**
     * @param array<string, array<string, BigRational>> $grams by account and material
     */
    public static function of(array $grams = []): self
    {
        return new self($grams);
    }

    public function grams(Account $account, string $materialId): BigRational
    {
        return $this->grams[$account->key][$materialId] ?? BigRational::zero();
    }

    /**
     * @return array<string, BigRational> by material, in the order they came
     */
    public function all(Account $account): array
    {
        return array_filter($this->grams[$account->key] ?? [], static fn (BigRational $g): bool => !$g->isZero());
    }

    /**
     * @return iterable<array{string, string, BigRational}> account, material and grams, where there is something
     */
    public function rows(): iterable
    {
        foreach ($this->grams as $account => $byMaterial) {
            foreach ($byMaterial as $material => $grams) {
                if (!$grams->isZero()) {
                    yield [(string) $account, (string) $material, $grams];
                }
            }
        }
    }

    /** g of a material in all pots together. */
    public function inPots(string $materialId): BigRational
    {
        $pots = array_filter(
            array_keys($this->grams),
            static fn (string $key): bool => Account::written($key)->isOnHand() && Account::shelf()->key !== $key,
        );

        return ExactNumber::sum(array_map(fn (string $key): BigRational => $this->grams[$key][$materialId] ?? BigRational::zero(), $pots));
    }

    /**
     * The balance after some moves.
     *
     * @throws InvalidStock if something is not there
     */
    public function after(Move ...$moves): self
    {
        $grams = $this->grams;
        foreach ($moves as $move) {
            $had = $grams[$move->from->key][$move->materialId] ?? BigRational::zero();
            $left = Account::bought()->key === $move->from->key ? $had->plus($move->grams) : $had->minus($move->grams);
            if ($left->isNegative()) {
                throw InvalidStock::notThere();
            }
            $grams[$move->from->key][$move->materialId] = $left->simplified();
            $grams[$move->to->key][$move->materialId] = (
                $grams[$move->to->key][$move->materialId] ?? BigRational::zero()
            )->plus($move->grams)->simplified();
        }

        return new self($grams);
    }

    /**
     * The moves that make what is on the shelf what was counted: what is more was bought unseen, what is less was used unseen.
     *
     * @return list<Move>
     *
     * @throws InvalidStock if less than nothing was counted
     */
    public function count(string $materialId, BigRational $grams): array
    {
        $more = Move::onGrid($grams)->minus($this->grams(Account::shelf(), $materialId));

        return match (true) {
            $grams->isNegative() => throw InvalidStock::nothing(),
            $more->isZero() => [],
            $more->isPositive() => [Move::of(materialId: $materialId, grams: $more, from: Account::bought(), to: Account::shelf())],
            default => [Move::of(materialId: $materialId, grams: $more->negated(), from: Account::shelf(), to: Account::used())],
        };
    }

    /**
     * The moves that pour into a pot: from the shelf as far as it is booked there, the rest from packs nobody counted.
     *
     * @param array<string, BigRational> $grams by material
     *
     * @return list<Move>
     */
    public function fill(Account $pot, array $grams): array
    {
        $moves = [];
        foreach (array_map(Move::onGrid(...), $grams) as $materialId => $wanted) {
            $left = $this->grams(Account::shelf(), $materialId);
            $taken = $left->isLessThan($wanted) ? $left : $wanted;
            foreach ([[$taken, Account::shelf()], [$wanted->minus($taken), Account::bought()]] as [$part, $from]) {
                if ($part->isPositive()) {
                    $moves[] = Move::of(materialId: $materialId, grams: $part, from: $from, to: $pot);
                }
            }
        }

        return $moves;
    }

    /**
     * The moves that take a share of a well stirred pot: of everything in it alike.
     *
     * @param BigRational $share above 0, at most 1
     *
     * @return list<Move>
     *
     * @throws InvalidStock if nothing is taken, or more than all
     */
    public function draw(Account $pot, BigRational $share, Account $to): array
    {
        if ($share->isGreaterThan(1) || [] === $this->all($pot)) {
            throw InvalidStock::notThere();
        }
        $taken = array_map(static fn (BigRational $grams): BigRational => Move::onGrid($grams->multipliedBy($share)), $this->all($pot));
        $some = array_filter($taken, static fn (BigRational $grams): bool => $grams->isPositive());

        return [] === $some
            ? throw InvalidStock::nothing()
            : array_map(
                static fn (BigRational $grams, string $id): Move => Move::of(materialId: $id, grams: $grams, from: $pot, to: $to),
                $some,
                array_keys($some),
            );
    }
}
