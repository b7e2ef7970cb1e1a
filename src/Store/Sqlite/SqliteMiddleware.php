<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Sqlite;

use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Exception as DriverException;
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
    /** A file as SQLite takes it with options behind it. */
    public static function uri(string $path): string
    {
        return 'file:'.str_replace(['%', '?', '#'], ['%25', '%3f', '%23'], $path);
    }

    public function wrap(Driver $driver): Driver
    {
        return new class($driver) extends AbstractDriverMiddleware {
            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                $path = $params['path'] ?? '';
                if (!is_file($path)) {
                    throw new NoStore();
                }
                $uri = SqliteMiddleware::uri($path);
                // Where it cannot be written it can still be read; and on a disk that lets nothing be written beside it, as it is.
                foreach ([$path, $uri.'?mode=ro', $uri.'?immutable=1'] as $how) {
                    $params['path'] = $how;
                    try {
                        return $this->ready(new ImmediateConnection(parent::connect($params)));
                    } catch (\PDOException|DriverException $error) {
                        $cannotWrite = 1 === preg_match(
                            '/readonly database|unable to open|disk I\/O error|disk is full/',
                            $error->getMessage(),
                        );
                        if (
                            !$cannotWrite
                            || str_ends_with($how, 'immutable=1')
                            || (str_ends_with($how, 'mode=ro') && is_file($path.'-wal') && filesize($path.'-wal') > 0)
                        ) {
                            throw $error; // as it is it would lack what still stands in its log
                        }
                    }
                }
                throw new \LogicException('One of them answers or throws.');
            }

            private function ready(Connection $connection): Connection
            {
                foreach (['busy_timeout = 5000', 'journal_mode = WAL', 'synchronous = FULL', 'foreign_keys = ON'] as $pragma) {
                    $connection->exec('PRAGMA '.$pragma);
                }
                $connection->query('SELECT COUNT(*) FROM sqlite_master')->fetchOne();

                return $connection;
            }
        };
    }
}
