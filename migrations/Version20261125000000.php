<?php

declare(strict_types=1);

namespace Inlaid\Migrations;

use Inlaid\App\Store\Sqlite\StoreMigration;

/**
 * What is left of a material on the shelf.
 */
final class Version20261125000000 extends StoreMigration
{
    protected function change(): iterable
    {
        yield 'CREATE TABLE stock (material_id VARCHAR(64) NOT NULL PRIMARY KEY REFERENCES material (id) ON DELETE CASCADE, '
            .'amount VARCHAR(40) NOT NULL, unit VARCHAR(2) NOT NULL)';
    }
}
