<?php

declare(strict_types=1);

namespace Inlaid\Migrations;

use Inlaid\App\Store\Sqlite\StoreMigration;

/**
 * What lets somebody in who asks from another machine: the passphrase's hash, the devices that gave it, and wrong tries.
 */
final class Version20261125210000 extends StoreMigration
{
    protected function change(): iterable
    {
        yield 'CREATE TABLE passphrase (id INTEGER NOT NULL PRIMARY KEY, hash VARCHAR(255) NOT NULL, changed_at DATETIME NOT NULL)';
        yield 'CREATE TABLE studio_key (token_hash VARCHAR(64) NOT NULL PRIMARY KEY, holder VARCHAR(16) NOT NULL, created_at '
            .'DATETIME NOT NULL, used_at DATETIME NOT NULL)';
        yield 'CREATE TABLE wrong_tries (place VARCHAR(64) NOT NULL PRIMARY KEY, count INTEGER NOT NULL, last_at DATETIME NOT NULL)';
    }
}
