<?php

declare(strict_types=1);

namespace Inlaid\Migrations;

use Inlaid\App\Store\Sqlite\StoreMigration;

/**
 * What was learned of a run, and how it came out.
 */
final class Version20261125190000 extends StoreMigration
{
    protected function change(): iterable
    {
        yield "ALTER TABLE run ADD COLUMN lesson CLOB NOT NULL DEFAULT ''";
        yield 'ALTER TABLE run ADD COLUMN rating INTEGER DEFAULT NULL';
    }
}
