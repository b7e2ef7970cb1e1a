<?php

declare(strict_types=1);

namespace Inlaid\Migrations;

use Inlaid\App\Store\Sqlite\StoreMigration;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Stock\Account;
use Inlaid\Core\Stock\Move;
use Inlaid\Core\Stock\RoundLedger;

/**
 * Every amount in the ledger comes onto the grid of what is moved, and a booking may have a key. Exact fractions grew with every booking,
 * until nothing
 * could read them any more.
 *
 * {@see RoundLedger} says how.
 */
final class Version20261129220000 extends StoreMigration
{
    protected function change(): iterable
    {
        yield 'ALTER TABLE ledger ADD COLUMN booking VARCHAR(64) DEFAULT NULL';
        yield 'ALTER TABLE ledger ADD COLUMN request VARCHAR(64) DEFAULT NULL';
        yield 'CREATE UNIQUE INDEX ledger_booking ON ledger (booking)';
        $round = new RoundLedger();
        /** @var list<array{id: string, moves: string}> $lines */
        $lines = $this->connection->fetchAllAssociative('SELECT id, moves FROM ledger ORDER BY rowid');
        foreach ($lines as $line) {
            /** @var list<array{material: string, grams: string, from: string, to: string}> $moves */
            $moves = json_decode($line['moves'], true, flags: \JSON_THROW_ON_ERROR);
            $onGrid = $round->line(array_map(
                static fn (array $m): array => [
                    $m['material'],
                    ExactNumber::stored($m['grams']),
                    Account::written($m['from']),
                    Account::written($m['to']),
                ],
                $moves,
            ));
            yield \sprintf(
                'UPDATE ledger SET moves = %s WHERE id = %s',
                ...array_map(
                    $this->connection->quote(...),
                    [
                        json_encode(
                            array_map(static fn (Move $m): array => $m->written(), $onGrid),
                            \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE,
                        ),
                        $line['id'],
                    ],
                ),
            );
        }
        yield 'DELETE FROM balance';
        foreach ($round->balance()->rows() as [$account, $material, $grams]) {
            yield \sprintf(
                'INSERT INTO balance (account, material_id, grams) VALUES (%s, %s, %s)',
                ...array_map($this->connection->quote(...), [$account, $material, ExactNumber::exact($grams)]),
            );
        }
    }
}
