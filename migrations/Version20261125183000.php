<?php

declare(strict_types=1);

namespace Inlaid\Migrations;

use Inlaid\App\Store\Sqlite\StoreMigration;

/**
 * Pieces on the bench, and what was noted of them: events that are never changed.
 */
final class Version20261125183000 extends StoreMigration
{
    protected function change(): iterable
    {
        yield 'CREATE TABLE run (id VARCHAR(26) NOT NULL PRIMARY KEY, title VARCHAR(120) NOT NULL, document CLOB NOT NULL, '
            .'recipe_id VARCHAR(26) DEFAULT NULL, revision INTEGER DEFAULT NULL, place VARCHAR(64) DEFAULT NULL, '
                .'not_before DATETIME DEFAULT NULL, due DATETIME DEFAULT NULL, version INTEGER NOT NULL, created_at '
                    .'DATETIME NOT NULL, finished_at DATETIME DEFAULT NULL, archived_at DATETIME DEFAULT NULL)';
        yield 'CREATE INDEX run_open ON run (archived_at, finished_at, created_at)';
        yield 'CREATE TABLE run_event (id VARCHAR(64) NOT NULL PRIMARY KEY, run_id VARCHAR(26) NOT NULL REFERENCES run (id) '
            .'ON DELETE CASCADE, happened_at DATETIME NOT NULL, received_at DATETIME NOT NULL, document CLOB NOT NULL)';
        yield 'CREATE INDEX run_event_order ON run_event (run_id, happened_at, id)';
    }
}
