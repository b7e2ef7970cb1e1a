<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Sqlite;

use Doctrine\DBAL\Driver\Middleware\AbstractConnectionMiddleware;

/**
 * A connection whose transactions begin with the write lock in hand.
 */
final class ImmediateConnection extends AbstractConnectionMiddleware
{
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
}
