<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Sqlite;

use Doctrine\DBAL\Connection;

/**
 * Copies the whole store, consistently, while others work in it. Copies are nobody else's to read.
 */
final readonly class CopyStore
{
    /** What SQLite keeps beside a store. Left lying beside another store they would spoil it. */
    private const BESIDE = ['', '-wal', '-shm', '-journal'];

    public function __construct(private Connection $connection, private CheckStore $check, private string $storePath)
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
            throw new \RuntimeException(\sprintf('The file “%s” already exists. Choose another name.', $target));
        }
        $folder = \dirname($target);
        if (!is_dir($folder) || !is_writable($folder)) {
            throw new \RuntimeException(\sprintf('Can\'t write to the folder “%s”.', $folder));
        }
        try {
            self::privately(fn () => $this->connection->executeStatement('VACUUM INTO ?', [$target]));
        } catch (\Throwable $error) {
            is_file($target) && unlink($target); // half a copy is none
            throw new \RuntimeException(StoreTrouble::of($error, $target)?->sentence() ?? $error->getMessage(), 0, $error);
        }
    }

    /**
     * Puts a backup in the place of the store; what was there is kept beside it, whatever state it is in.
     *
     * @return string|null where the former store is, if there was one
     *
     * @throws \RuntimeException if the file is no sound store
     */
    public function from(string $source): ?string
    {
        if (!is_file($source)) {
            throw new \RuntimeException(\sprintf('No file “%s”.', $source));
        }
        $trouble = $this->check->check($source, Pages::Thoroughly);
        if (null !== $trouble && StoreTrouble::Older !== $trouble) {
            throw new \RuntimeException(\sprintf(
                '“%s” isn\'t a valid backup%s. Choose another file.',
                $source,
                StoreTrouble::Newer === $trouble ? ' of this version (it is from a later one)' : '',
            ));
        }
        if (realpath($source) === realpath($this->storePath)) {
            throw new \RuntimeException('That is the database itself.');
        }
        $aside = $this->putAside();
        $backup = new \SQLite3($source, \SQLITE3_OPEN_READONLY);
        $store = self::privately(fn (): \SQLite3 => new \SQLite3($this->storePath));
        $store->busyTimeout(5000);
        if (!$backup->backup($store)) {
            throw new \RuntimeException('The database is in use. Stop the server, then try again.');
        }
        $store->close();

        return $aside;
    }

    /**
     * A path beside the store that is free.
     */
    public function aside(string $why): string
    {
        return self::free(\sprintf('%s.%s-%s', $this->storePath, $why, date('Ymd-His')));
    }

    /** The same with a number, where there is something already. */
    public static function free(string $stem, string $ending = ''): string
    {
        for ($path = $stem.$ending, $i = 2; file_exists($path); ++$i) {
            $path = $stem.'-'.$i.$ending;
        }

        return $path;
    }

    /**
     * Copies a sound store, in which somebody may be at work. One that is damaged, or of another program, cannot be copied: its files are
     * moved as they are.
     */
    private function putAside(): ?string
    {
        $trouble = $this->check->check($this->storePath);
        if (\in_array($trouble, [null, StoreTrouble::Older, StoreTrouble::Newer], true)) {
            try {
                $this->to($aside = $this->aside('before-restore'));

                return $aside;
            } catch (\RuntimeException) {
            } finally {
                $this->connection->close();
            }
        }
        $aside = $this->aside('before-restore');
        $moved = false;
        foreach (self::BESIDE as $ending) {
            if (is_file($this->storePath.$ending)) {
                $moved = true;
                if (!rename($this->storePath.$ending, $aside.$ending)) {
                    throw new \RuntimeException(\sprintf('Can\'t move “%s”.', $this->storePath.$ending));
                }
            }
        }

        return $moved ? $aside : null;
    }

    /**
     * @template T
     *
     * @param \Closure(): T $make
     *
     * @return T
     */
    private static function privately(\Closure $make): mixed
    {
        $mask = umask(0o077);
        try {
            return $make();
        } finally {
            umask($mask);
        }
    }
}
