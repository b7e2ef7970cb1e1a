<?php

declare(strict_types=1);

namespace Inlaid\Migrations;

use Inlaid\App\Store\Sqlite\StoreMigration;

/**
 * Recipes are found by their woods and by the techniques that colour them: all are indexed anew.
 */
final class Version20261201020000 extends StoreMigration
{
    protected function change(): iterable
    {
        yield 'UPDATE recipe SET look_l = NULL';
    }
}
