<?php

declare(strict_types=1);

namespace Inlaid\Migrations;

use Inlaid\App\Store\Sqlite\StoreMigration;
use Inlaid\Core\Measure\ExactNumber;

/**
 * Pots, and a ledger of everything that is bought, mixed, used and thrown away; what was left on the shelf is its first line.
 */
final class Version20261125090000 extends StoreMigration
{
    protected function change(): iterable
    {
        yield 'CREATE TABLE ledger (id VARCHAR(26) NOT NULL PRIMARY KEY, at DATETIME NOT NULL, kind VARCHAR(20) NOT NULL, '
            .'pot_id VARCHAR(26) DEFAULT NULL, moves CLOB NOT NULL, note CLOB NOT NULL)';
        yield 'CREATE INDEX ledger_pot ON ledger (pot_id)';
        yield 'CREATE TABLE balance (account VARCHAR(40) NOT NULL, material_id VARCHAR(64) NOT NULL, grams CLOB NOT NULL, '
            .'PRIMARY KEY (account, material_id))';
        yield 'CREATE TABLE pot (id VARCHAR(26) NOT NULL PRIMARY KEY, name VARCHAR(120) NOT NULL, document CLOB NOT NULL, '
            .'made_at DATETIME NOT NULL, place VARCHAR(120) NOT NULL, use_by DATE DEFAULT NULL, recipe_id VARCHAR(26) '
                .'DEFAULT NULL, step_id VARCHAR(64) DEFAULT NULL)';
        $rows = $this->connection->fetchAllNumeric(
            "SELECT s.material_id, s.amount, s.unit, COALESCE(json_extract(m.document, '$.body.scooped'), json_extract(m.document, '$.body.density')) FROM stock s JOIN material m ON m.id = s.material_id",
        );
        foreach ($rows as $i => $row) {
            [$material, $amount, $unit, $density] = array_map(
                static fn (mixed $v): string => \is_string($v) ? $v : throw new \LogicException('The shelf holds text.'),
                $row,
            );
            $grams = ExactNumber::exact(
                'g' === $unit ? ExactNumber::parse($amount) : ExactNumber::parse($amount)->multipliedBy(ExactNumber::parse($density)),
            );
            $moves = json_encode([['material' => $material, 'grams' => $grams, 'from' => 'bought', 'to' => 'shelf']], \JSON_THROW_ON_ERROR);
            $quoted = array_map($this->connection->quote(...), [\sprintf('01KAW00000000000000000%04d', $i), $material, $grams, $moves]);
            yield "INSERT INTO ledger (id, at, kind, pot_id, moves, note) VALUES ($quoted[0], CURRENT_TIMESTAMP, 'counted', NULL, $quoted[3], '')";
            foreach (['bought', 'shelf'] as $account) {
                yield "INSERT INTO balance (account, material_id, grams) VALUES ('$account', $quoted[1], $quoted[2])";
            }
        }
        yield 'ALTER TABLE stock DROP COLUMN amount';
        yield 'ALTER TABLE stock ADD COLUMN opened_on DATE DEFAULT NULL';
        yield 'ALTER TABLE stock ADD COLUMN use_by DATE DEFAULT NULL';
    }
}
