<?php

declare(strict_types=1);

namespace Inlaid\Core\Stock;

use Brick\Math\BigRational;

/**
 * Brings a ledger that was kept in exact fractions onto the grid of {@see Move}, line by line from its beginning. One that lies on it stays
 * as it is.
 *
 * What leaves the shelf or a pot is rounded so that what stays there is nearest to what truly stayed: no balance falls below nothing, what
 * was emptied is
 * empty, and the balances are the sums of the lines to the last digit.
 */
final class RoundLedger
{
    /** @var array<string, array<string, BigRational>> g that truly were where, by account and material */
    private array $true = [];
    /** @var array<string, array<string, BigRational>> g on the grid */
    private array $kept = [];

    /**
     * @param list<array{string, BigRational, Account, Account}> $moves material, grams, from, to
     *
     * @return list<Move> those that are more than nothing on the grid
     *
     * @throws InvalidStock if something is not there
     */
    public function line(array $moves): array
    {
        $onGrid = [];
        foreach ($moves as [$material, $grams, $from, $to]) {
            if (!$grams->isPositive()) {
                throw InvalidStock::nothing();
            }
            $out = Move::onGrid($grams);
            if ($from->isOnHand()) {
                $stays = $this->had($this->true, $from, $material)->minus($grams)->simplified();
                if ($stays->isNegative()) {
                    throw InvalidStock::notThere();
                }
                $this->true[$from->key][$material] = $stays;
                $out = $this->had($this->kept, $from, $material)->minus(Move::onGrid($stays))->simplified();
            }
            $this->true[$to->key][$material] = $this->had($this->true, $to, $material)->plus($grams)->simplified();
            if ($out->isPositive()) {
                $move = Move::of(materialId: $material, grams: $out, from: $from, to: $to);
                $this->book($move);
                $onGrid[] = $move;
            }
        }

        return $onGrid;
    }

    public function balance(): Balance
    {
        return Balance::of($this->kept);
    }

    private function book(Move $move): void
    {
        $had = $this->had($this->kept, $move->from, $move->materialId);
        $isBought = Account::bought()->key === $move->from->key;
        $this->kept[$move->from->key][$move->materialId] = ($isBought ? $had->plus($move->grams) : $had->minus($move->grams))->simplified();
        $this->kept[$move->to->key][$move->materialId] = $this->had(
            $this->kept,
            $move->to,
            $move->materialId,
        )->plus($move->grams)->simplified();
    }

    /**
     * @param array<string, array<string, BigRational>> $where
     */
    private function had(array $where, Account $account, string $material): BigRational
    {
        return $where[$account->key][$material] ?? BigRational::zero();
    }
}
