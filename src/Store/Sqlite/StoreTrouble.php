<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Sqlite;

use Doctrine\DBAL\Exception as DbalException;

/**
 * What can be the matter with the store as a file, and what to do then.
 */
enum StoreTrouble: string
{
    case Missing = 'store-missing';
    case Foreign = 'store-foreign';
    case Damaged = 'store-damaged';
    case Older = 'store-older';
    case Newer = 'store-newer';
    case ReadOnly = 'store-read-only';
    case Full = 'disk-full';
    case Failing = 'disk-failing';
    case Busy = 'store-busy';

    /** Bytes: with less, SQLite cannot even open a store for writing. */
    private const NO_ROOM = 256 * 1024;

    /**
     * What an error of the database is about; null if it is a fault of the program.
     *
     * @param string $path of the store: on a disk without any room errors say many things
     */
    public static function of(\Throwable $error, string $path): ?self
    {
        $trouble = self::read($error);
        $free = @disk_free_space(\dirname($path));

        return \in_array($trouble, [self::ReadOnly, self::Failing], true) && false !== $free && $free < self::NO_ROOM
            ? self::Full
            : $trouble;
    }

    private static function read(\Throwable $error): ?self
    {
        for ($cause = $error; null !== $cause; $cause = $cause->getPrevious()) {
            if ($cause instanceof NoStore) {
                return self::Missing;
            }
        }
        if (!$error instanceof DbalException && !$error instanceof \PDOException) {
            return null;
        }
        $says = static fn (string ...$words): bool => [] !== array_filter(
            $words,
            static fn (string $w): bool => str_contains($error->getMessage(), $w),
        );

        return match (true) {
            $says('database or disk is full') => self::Full,
            $says('readonly database', 'read-only') => self::ReadOnly,
            $says('is not a database', 'disk image is malformed', 'malformed database schema') => self::Damaged,
            $says('disk I/O error') => self::Failing,
            $says('database is locked', 'database table is locked') => self::Busy,
            $says('unable to open database file') => self::ReadOnly,
            $says('no such table', 'no such column', 'has no column named') => self::Older,
            default => null,
        };
    }

    /** HTTP status. */
    public function status(): int
    {
        return self::Full === $this ? 507 : 503;
    }

    /** Seconds after which another try may do; null where somebody must act first. */
    public function retryAfter(): ?int
    {
        return self::Busy === $this ? 2 : null;
    }

    public function sentence(): string
    {
        return match ($this) {
            self::Missing => 'The database file is missing or empty. Restore a backup with bin/console inlaid:restore FILE, or run '
                .'./bin/start for an empty studio.',
            self::Foreign => 'The database file belongs to another program. Move it away, or name the studio’s own file in '
                .'INLAID_STORE, and start again.',
            self::Damaged => 'The database file is damaged. Stop the server and restore the last backup with bin/console inlaid:restore '
                .'FILE. The damaged file stays next to it.',
            self::Older => 'The database is from an earlier version. Stop the server and run ./bin/start: it makes a backup and upgrades.',
            self::Newer => 'The database is from a later version. Install that version, or restore an older backup with bin/console '
                .'inlaid:restore FILE.',
            self::ReadOnly => 'The database can be read but not written, so nothing was saved. Check who owns the file and its folder, '
                .'and that the disk is not write-protected.',
            self::Failing => 'The disk gives errors, so nothing was saved. Copy the database file to another disk, and check this one.',
            self::Full => 'The disk is full, so nothing was saved. Free some space, then save again; keep this page open until then.',
            self::Busy => 'The database is busy. Nothing was saved. Try again in a moment.',
        };
    }
}
