<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Sqlite;

use Doctrine\DBAL\Driver\Exception as DriverException;
use Doctrine\DBAL\Driver\Middleware\AbstractConnectionMiddleware;

/**
 * A connection whose transactions begin with the write lock in hand.
 */
final class ImmediateConnection extends AbstractConnectionMiddleware
{
    /** What SQLite says where there is nothing to roll back: a full disk has done so already, and what may not be written never began. */
    private const NOTHING_TO_ROLL_BACK = '/no transaction is active|no such savepoint/';

    public function beginTransaction(): void
    {
        $this->exec('BEGIN IMMEDIATE');
    }

    public function commit(): void
    {
        $this->exec('COMMIT');
    }

    public function rollBack(): void
    {
        $this->exec('ROLLBACK');
    }

    public function exec(string $sql): int|string
    {
        try {
            return parent::exec($sql);
        } catch (DriverException $error) {
            // What went wrong before is not hidden behind a roll-back that goes wrong for it.
            if (str_starts_with($sql, 'ROLLBACK') && 1 === preg_match(self::NOTHING_TO_ROLL_BACK, $error->getMessage())) {
                return 0;
            }
            throw $error;
        }
    }
}
