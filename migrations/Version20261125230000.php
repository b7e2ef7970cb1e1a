<?php

declare(strict_types=1);

namespace Inlaid\Migrations;

use Inlaid\App\Store\Sqlite\StoreMigration;

/**
 * Lists of many years are found in the order in which they are shown.
 */
final class Version20261125230000 extends StoreMigration
{
    protected function change(): iterable
    {
        yield 'DROP INDEX recipe_listed';
        yield 'CREATE INDEX recipe_listed ON recipe (archived_at, updated_at, id)';
        yield 'CREATE INDEX run_listed ON run (archived_at, created_at, id)';
        yield 'CREATE INDEX run_of_recipe ON run (recipe_id, archived_at, created_at, id)';
    }
}
