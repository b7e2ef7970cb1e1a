<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Sqlite;

use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/**
 * Opens SQLite the way several workers can write to it: foreign keys, write-ahead log, patience, and transactions that
 * take the write lock at once.
 *
 * Under WAL a plain BEGIN that reads and then writes fails with "database is locked" whatever the patience, because the
 * snapshot it read is no longer the newest; BEGIN IMMEDIATE waits instead.
 */
final class SqliteMiddleware implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return new class($driver) extends AbstractDriverMiddleware {
            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                $connection = new ImmediateConnection(parent::connect($params));
                foreach (['busy_timeout = 5000', 'journal_mode = WAL', 'synchronous = FULL', 'foreign_keys = ON'] as $pragma) {
                    $connection->exec('PRAGMA '.$pragma);
                }

                return $connection;
            }
        };
    }
}
