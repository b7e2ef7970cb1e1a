<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Sqlite;

/**
 * Looks a file over: is it a store of this program, sound, and of which version?
 */
final readonly class CheckStore
{
    private const OWN_MIGRATIONS = 'Inlaid\Migrations\\';

    public function __construct(private string $projectDir)
    {
    }

    /**
     * @param Pages $pages how much of it is looked at, which takes its time
     *
     * @return StoreTrouble|null null if it is a sound store of this version
     */
    public function check(string $path, Pages $pages = Pages::Quickly): ?StoreTrouble
    {
        clearstatcache(true, $path);
        if (!is_file($path) || 0 === filesize($path)) {
            return StoreTrouble::Missing;
        }
        if (!is_readable($path)) {
            return StoreTrouble::ReadOnly;
        }
        if (!str_starts_with((string) file_get_contents($path, false, null, 0, 16), 'SQLite format 3')) {
            return StoreTrouble::Damaged;
        }
        // On a disk that lets nothing be written beside it a store is looked at as it is.
        foreach ([$path, SqliteMiddleware::uri($path).'?immutable=1'] as $how) {
            try {
                $store = new \PDO('sqlite:'.$how, options: [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
                $store->exec('PRAGMA query_only = ON');
                $store->exec('PRAGMA busy_timeout = 5000');

                return $this->examine($store, $pages);
            } catch (\PDOException $error) {
                if (1 !== preg_match('/unable to open|disk I\/O error|disk is full/', $error->getMessage())) {
                    break;
                }
            }
        }

        return StoreTrouble::Damaged;
    }

    private function examine(\PDO $store, Pages $pages): ?StoreTrouble
    {
        if (Pages::None !== $pages && 'ok' !== self::one($store, 'PRAGMA '.$pages->value)) {
            return StoreTrouble::Damaged;
        }
        if (0 === self::one($store, 'SELECT COUNT(*) FROM sqlite_master')) {
            return StoreTrouble::Missing;
        }
        if (1 !== self::one($store, "SELECT COUNT(*) FROM sqlite_master WHERE type = 'table' AND name = 'doctrine_migration_versions'")) {
            return StoreTrouble::Foreign;
        }
        $versions = $store->query('SELECT version FROM doctrine_migration_versions');
        $done = false === $versions ? [] : array_filter($versions->fetchAll(\PDO::FETCH_COLUMN), is_string(...));
        $known = $this->known();
        $tables = self::one(
            $store,
            "SELECT COUNT(*) FROM sqlite_master WHERE type = 'table' AND name IN ('recipe', 'revision', 'draft', 'settings')",
        );

        return match (true) {
            4 !== $tables, [] === array_filter(
                $done,
                static fn (string $v): bool => str_starts_with($v, self::OWN_MIGRATIONS),
            ) => StoreTrouble::Foreign,
            [] !== array_diff($done, $known) => StoreTrouble::Newer,
            [] !== array_diff($known, $done) => StoreTrouble::Older,
            default => null,
        };
    }

    private static function one(\PDO $store, string $sql): mixed
    {
        $answer = $store->query($sql);

        return false === $answer ? null : $answer->fetchColumn();
    }

    /**
     * @return list<string>
     */
    private function known(): array
    {
        return array_map(
            static fn (string $file): string => self::OWN_MIGRATIONS.basename($file, '.php'),
            glob($this->projectDir.'/migrations/Version*.php') ?: [],
        );
    }
}
