<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Sqlite;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Base of every migration: all or nothing, and no row lost.
 *
 * SQLite alters a table by copy, drop and recreate, and with foreign keys on the drop cascades to the children. So foreign
 * keys are off while the change runs in one transaction, and checked before it is committed.
 */
abstract class StoreMigration extends AbstractMigration
{
    final public function isTransactional(): bool
    {
        return false;
    }

    final public function up(Schema $schema): void
    {
        $this->connection->executeStatement('PRAGMA foreign_keys = OFF');
        $this->connection->beginTransaction();
        try {
            foreach ($this->change() as $sql) {
                $this->connection->executeStatement($sql);
            }
            $broken = $this->connection->fetchAllAssociative('PRAGMA foreign_key_check');
            $this->abortIf([] !== $broken, \sprintf('The migration would orphan %d rows.', \count($broken)));
            $this->connection->commit();
        } catch (\Throwable $error) {
            $this->connection->rollBack();
            throw $error;
        } finally {
            $this->connection->executeStatement('PRAGMA foreign_keys = ON');
        }
    }

    /**
     * @return iterable<string> SQL statements, in order
     */
    abstract protected function change(): iterable;
}
