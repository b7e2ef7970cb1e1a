<?php

declare(strict_types=1);

namespace Inlaid\Migrations;

use Inlaid\App\Store\Sqlite\StoreMigration;

/**
 * Rounds in which the painter's eye is trained.
 */
final class Version20261201010000 extends StoreMigration
{
    protected function change(): iterable
    {
        yield 'CREATE TABLE eye_round (id VARCHAR(26) NOT NULL, started_at DATETIME NOT NULL, document CLOB NOT NULL, PRIMARY KEY(id))';
        yield 'CREATE INDEX eye_round_started ON eye_round (started_at)';
    }
}
