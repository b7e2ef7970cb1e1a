<?php

declare(strict_types=1);

namespace Inlaid\Migrations;

use Inlaid\App\Store\Sqlite\StoreMigration;

/**
 * Sample boards: what is read of their patches, photos, and links for clients to choose by.
 */
final class Version20261125120000 extends StoreMigration
{
    protected function change(): iterable
    {
        yield 'CREATE TABLE board (id VARCHAR(26) NOT NULL PRIMARY KEY, title VARCHAR(120) NOT NULL, document CLOB NOT NULL, '
            .'card CLOB NOT NULL, recipe_id VARCHAR(26) DEFAULT NULL, version INTEGER NOT NULL, created_at DATETIME NOT '
                .'NULL, updated_at DATETIME NOT NULL, laid_at DATETIME DEFAULT NULL, archived_at DATETIME DEFAULT NULL, '
                    .'chosen CLOB DEFAULT NULL, draft_before CLOB DEFAULT NULL)';
        yield 'CREATE INDEX board_updated ON board (updated_at)';
        yield 'CREATE TABLE patch_reading (board_id VARCHAR(26) NOT NULL, patch VARCHAR(10) NOT NULL, document CLOB NOT '
            .'NULL, read_at DATETIME NOT NULL, PRIMARY KEY (board_id, patch), FOREIGN KEY (board_id) REFERENCES board '
                .'(id) ON DELETE CASCADE)';
        yield 'CREATE TABLE photo (id VARCHAR(26) NOT NULL PRIMARY KEY, board_id VARCHAR(26) NOT NULL, patch VARCHAR(10) NOT '
            .'NULL, jpeg BLOB NOT NULL, width INTEGER NOT NULL, height INTEGER NOT NULL, added_at DATETIME NOT NULL, '
                .'put_away_at DATETIME DEFAULT NULL, FOREIGN KEY (board_id) REFERENCES board (id) ON DELETE CASCADE)';
        yield 'CREATE INDEX photo_board ON photo (board_id)';
        yield 'CREATE TABLE share (id VARCHAR(26) NOT NULL PRIMARY KEY, board_id VARCHAR(26) NOT NULL, token_hash '
            .'VARCHAR(64) NOT NULL, created_at DATETIME NOT NULL, expires_at DATETIME NOT NULL, revoked_at DATETIME '
                .'DEFAULT NULL, patch VARCHAR(10) DEFAULT NULL, comment CLOB NOT NULL, chosen_at DATETIME DEFAULT NULL, '
                    .'FOREIGN KEY (board_id) REFERENCES board (id) ON DELETE CASCADE)';
        yield 'CREATE UNIQUE INDEX share_token ON share (token_hash)';
        yield 'CREATE INDEX share_board ON share (board_id)';
    }
}
