<?php

declare(strict_types=1);

namespace Inlaid\Migrations;

use Inlaid\App\Store\Sqlite\StoreMigration;

/**
 * The address at which a calendar program subscribes to the days; only its hash.
 */
final class Version20261125193000 extends StoreMigration
{
    protected function change(): iterable
    {
        yield 'CREATE TABLE feed (id INTEGER NOT NULL PRIMARY KEY, token_hash VARCHAR(64) NOT NULL, created_at DATETIME NOT NULL)';
    }
}
