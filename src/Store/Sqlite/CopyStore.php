<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Sqlite;

use Doctrine\DBAL\Connection;

/**
 * Copies the whole store, consistently, while others work in it.
 */
final readonly class CopyStore
{
    public function __construct(private Connection $connection, private string $storePath)
    {
    }

    public function exists(): bool
    {
        return is_file($this->storePath) && filesize($this->storePath) > 0;
    }

    /**
     * @throws \RuntimeException if there is something already, or it cannot be written
     */
    public function to(string $target): void
    {
        if (file_exists($target)) {
            throw new \RuntimeException(\sprintf('There is a file "%s" already; it is left alone.', $target));
        }
        $folder = \dirname($target);
        if (!is_dir($folder) || !is_writable($folder)) {
            throw new \RuntimeException(\sprintf('The folder "%s" cannot be written to.', $folder));
        }
        $this->connection->executeStatement('VACUUM INTO ?', [$target]);
    }

    /**
     * Puts a backup in the place of the store; what was there is kept beside it.
     *
     * @return string|null where the former store is, if there was one
     *
     * @throws \RuntimeException if the file is no sound store
     */
    public function from(string $source): ?string
    {
        if (!is_file($source)) {
            throw new \RuntimeException(\sprintf('There is no file "%s".', $source));
        }
        $backup = $this->sound($source);
        $aside = null;
        if ($this->exists()) {
            $this->to($aside = $this->aside('before-restore'));
        }
        $this->connection->close();
        $store = new \SQLite3($this->storePath);
        $store->busyTimeout(5000);
        if (!$backup->backup($store)) {
            throw new \RuntimeException('The store is in use and could not be replaced. Try again.');
        }

        return $aside;
    }

    /**
     * A path beside the store that is free.
     */
    public function aside(string $why): string
    {
        $stem = \sprintf('%s.%s-%s', $this->storePath, $why, date('Ymd-His'));
        for ($path = $stem, $i = 2; file_exists($path); ++$i) {
            $path = $stem.'-'.$i;
        }

        return $path;
    }

    private function sound(string $source): \SQLite3
    {
        try {
            $backup = new \SQLite3($source, \SQLITE3_OPEN_READONLY);
            $backup->enableExceptions(true);
            if ('ok' === $backup->querySingle('PRAGMA integrity_check') && 2 === $backup->querySingle("SELECT COUNT(*) FROM sqlite_master WHERE type = 'table' AND name IN ('recipe', 'revision')")) {
                return $backup;
            }
        } catch (\Exception) {
        }

        throw new \RuntimeException(\sprintf('"%s" is not a sound copy of a store.', $source));
    }
}
