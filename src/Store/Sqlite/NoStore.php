<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Sqlite;

use Doctrine\DBAL\Driver\AbstractException;

/**
 * The file of the store is not there. It is not made by the way: an empty studio would look as if all had been lost.
 */
final class NoStore extends AbstractException
{
    public function __construct()
    {
        parent::__construct('No database file.');
    }
}
