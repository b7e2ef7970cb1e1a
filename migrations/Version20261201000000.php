<?php

declare(strict_types=1);

namespace Inlaid\Migrations;

use Inlaid\App\Store\Sqlite\StoreMigration;

/**
 * Links by which clients look at finished pieces and choose one.
 */
final class Version20261201000000 extends StoreMigration
{
    protected function change(): iterable
    {
        yield 'CREATE TABLE offer (id VARCHAR(26) NOT NULL, title VARCHAR(120) NOT NULL, looks CLOB NOT NULL, choice VARCHAR(1) DEFAULT NULL,'
            .' token_hash VARCHAR(64) NOT NULL, created_at DATETIME NOT NULL, expires_at DATETIME NOT NULL,'
            .' revoked_at DATETIME DEFAULT NULL, comment CLOB NOT NULL, chosen_at DATETIME DEFAULT NULL, PRIMARY KEY(id))';
        yield 'CREATE UNIQUE INDEX offer_token ON offer (token_hash)';
    }
}
