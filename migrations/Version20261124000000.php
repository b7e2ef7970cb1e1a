<?php

declare(strict_types=1);

namespace Inlaid\Migrations;

use Inlaid\App\Store\Sqlite\StoreMigration;

/**
 * The first store: recipes with their draft and revisions, the search index, materials and settings.
 */
final class Version20261124000000 extends StoreMigration
{
    protected function change(): iterable
    {
        yield 'CREATE TABLE recipe (id VARCHAR(26) NOT NULL PRIMARY KEY, title VARCHAR(120) NOT NULL, head INTEGER NOT NULL, '
            .'card CLOB NOT NULL, created_at DATETIME NOT NULL, updated_at DATETIME NOT NULL, archived_at DATETIME DEFAULT NULL)';
        yield 'CREATE INDEX recipe_listed ON recipe (archived_at, updated_at)';
        yield 'CREATE TABLE draft (recipe_id VARCHAR(26) NOT NULL PRIMARY KEY REFERENCES recipe (id) ON DELETE CASCADE, '
            .'document CLOB NOT NULL, base INTEGER NOT NULL, version INTEGER NOT NULL, saved_at DATETIME NOT NULL)';
        yield 'CREATE TABLE revision (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, recipe_id VARCHAR(26) NOT NULL '
            .'REFERENCES recipe (id) ON DELETE CASCADE, number INTEGER NOT NULL, document CLOB NOT NULL, reason '
                .'VARCHAR(300) NOT NULL, published_at DATETIME NOT NULL)';
        yield 'CREATE UNIQUE INDEX revision_number ON revision (recipe_id, number)';
        yield 'CREATE TABLE recipe_term (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, recipe_id VARCHAR(26) NOT NULL '
            .'REFERENCES recipe (id) ON DELETE CASCADE, term VARCHAR(80) NOT NULL)';
        yield 'CREATE INDEX recipe_term_found ON recipe_term (term, recipe_id)';
        yield 'CREATE INDEX recipe_term_of ON recipe_term (recipe_id)';
        yield 'CREATE TABLE material (id VARCHAR(64) NOT NULL PRIMARY KEY, version INTEGER NOT NULL, name VARCHAR(120) NOT '
            .'NULL, kind VARCHAR(20) NOT NULL, document CLOB NOT NULL, updated_at DATETIME NOT NULL, archived_at DATETIME DEFAULT NULL)';
        yield 'CREATE INDEX material_listed ON material (archived_at, kind, name)';
        yield 'CREATE TABLE settings (id INTEGER NOT NULL PRIMARY KEY, version INTEGER NOT NULL, document CLOB NOT NULL)';
    }
}
