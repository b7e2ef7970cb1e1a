<?php

declare(strict_types=1);

namespace Inlaid\Migrations;

use Inlaid\App\Store\Sqlite\StoreMigration;

/**
 * Photos taken at the bench.
 */
final class Version20261125220000 extends StoreMigration
{
    protected function change(): iterable
    {
        yield 'CREATE TABLE run_photo (id VARCHAR(26) NOT NULL PRIMARY KEY, run_id VARCHAR(26) NOT NULL, step VARCHAR(64) '
            .'DEFAULT NULL, jpeg BLOB NOT NULL, width INTEGER NOT NULL, height INTEGER NOT NULL, added_at DATETIME NOT '
                .'NULL, put_away_at DATETIME DEFAULT NULL, FOREIGN KEY (run_id) REFERENCES run (id) ON DELETE CASCADE)';
        yield 'CREATE INDEX run_photo_run ON run_photo (run_id)';
    }
}
