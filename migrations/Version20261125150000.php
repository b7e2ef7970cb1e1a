<?php

declare(strict_types=1);

namespace Inlaid\Migrations;

use Inlaid\App\Store\Sqlite\StoreMigration;

/**
 * The colour a recipe will have, to find it by: derived, and worked out when the studio is next prepared.
 */
final class Version20261125150000 extends StoreMigration
{
    protected function change(): iterable
    {
        yield 'ALTER TABLE recipe ADD COLUMN look_l DOUBLE PRECISION DEFAULT NULL';
        yield 'ALTER TABLE recipe ADD COLUMN look_a DOUBLE PRECISION DEFAULT NULL';
        yield 'ALTER TABLE recipe ADD COLUMN look_b DOUBLE PRECISION DEFAULT NULL';
        yield 'CREATE INDEX recipe_look ON recipe (look_l)';
    }
}
