<?php

declare(strict_types=1);

namespace Inlaid\Migrations;

use Brick\Math\BigRational;
use Inlaid\App\Store\Sqlite\StoreMigration;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Stock\Account;
use Inlaid\Core\Stock\Move;

/**
 * Every amount in the ledger comes onto the grid of what is moved, and a booking may have a key. Exact fractions grew with every booking, until nothing
 * could read them any more.
 *
 * The lines are gone through in their order. What leaves the shelf or a pot is rounded so that what stays there is nearest to what truly stayed: no balance
 * falls below nothing, what was emptied is empty, and the balances are again the sums of the lines to the last digit.
 */
final class Version20261129220000 extends StoreMigration
{
    protected function change(): iterable
    {
        yield 'ALTER TABLE ledger ADD COLUMN booking VARCHAR(64) DEFAULT NULL';
        yield 'ALTER TABLE ledger ADD COLUMN request VARCHAR(64) DEFAULT NULL';
        yield 'CREATE UNIQUE INDEX ledger_booking ON ledger (booking)';
        /** @var array<string, array<string, BigRational>> $true what really was where, and $kept what is said from now on */
        $true = $kept = [];
        /** @var list<array{id: string, moves: string}> $lines */
        $lines = $this->connection->fetchAllAssociative('SELECT id, moves FROM ledger ORDER BY rowid');
        foreach ($lines as $line) {
            $moves = [];
            /** @var list<array{material: string, grams: string, from: string, to: string}> $was */
            $was = json_decode($line['moves'], true, flags: \JSON_THROW_ON_ERROR);
            foreach ($was as $move) {
                ['material' => $material, 'from' => $from, 'to' => $to] = $move;
                $grams = BigRational::of($move['grams']);
                $out = Move::onGrid($grams);
                if (Account::written($from)->isOnHand()) {
                    $true[$from][$material] = self::had($true, $from, $material)->minus($grams)->simplified();
                    $out = self::had($kept, $from, $material)->minus(Move::onGrid($true[$from][$material]))->simplified();
                    $out = $out->isNegative() ? BigRational::zero() : $out;
                }
                $true[$to][$material] = self::had($true, $to, $material)->plus($grams)->simplified();
                if ($out->isPositive()) {
                    $kept[$from][$material] = (Account::bought()->key === $from ? self::had($kept, $from, $material)->plus($out) : self::had($kept, $from, $material)->minus($out))->simplified();
                    $kept[$to][$material] = self::had($kept, $to, $material)->plus($out)->simplified();
                    $moves[] = ['grams' => ExactNumber::exact($out)] + $move;
                }
            }
            yield \sprintf('UPDATE ledger SET moves = %s WHERE id = %s', $this->connection->quote(json_encode($moves, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE)), $this->connection->quote($line['id']));
        }
        yield 'DELETE FROM balance';
        foreach ($kept as $account => $byMaterial) {
            foreach ($byMaterial as $material => $grams) {
                yield \sprintf('INSERT INTO balance (account, material_id, grams) VALUES (%s, %s, %s)', ...array_map($this->connection->quote(...), [(string) $account, (string) $material, ExactNumber::exact($grams)]));
            }
        }
    }

    /**
     * @param array<string, array<string, BigRational>> $where
     */
    private static function had(array $where, string $account, string $material): BigRational
    {
        return $where[$account][$material] ?? BigRational::zero();
    }
}
