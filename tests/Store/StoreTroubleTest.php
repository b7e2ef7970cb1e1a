<?php

declare(strict_types=1);

namespace Inlaid\Tests\Store;

use Doctrine\DBAL\Connection;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Kernel;
use Inlaid\Tests\Http\Studio;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * A store that is full, write-protected, damaged, foreign, missing, too old or too new: it is said in a sentence what to do, reading goes
 * on where it can, nothing is lost, and a
 * backup can be put in its place.
 */
final class StoreTroubleTest extends TestCase
{
    private Studio $studio;
    private string $backup;

    protected function setUp(): void
    {
        $this->studio = Studio::open();
        $this->backup = $this->studio->store.'.backup';
        self::assertSame(0, $this->studio->run('inlaid:backup', ['target' => $this->backup])[0]);
    }

    protected function tearDown(): void
    {
        $this->studio->close();
    }

    /**
     * @return iterable<string, array{\Closure(string): void, string, bool}> what happens to the file, what is said of it, and whether
     *                                                                       something is put aside
     */
    public static function spoiled(): iterable
    {
        yield 'a page in the middle overwritten' => [static function (string $store): void {
            self::settled($store);
            $file = fopen($store, 'r+') ?: throw new \LogicException();
            for ($page = 2; $page < filesize($store) / 4096; $page += 3) {
                fseek($file, 4096 * $page);
                fwrite($file, random_bytes(4096));
            }
        }, 'store-damaged', true];
        yield 'cut off in the middle' => [static function (string $store): void {
            self::settled($store);
            $file = fopen($store, 'r+') ?: throw new \LogicException();
            ftruncate($file, max(0, intdiv((int) filesize($store), 2)));
        }, 'store-damaged', true];
        yield 'random bytes' => [static function (string $store): void {
            file_put_contents($store, random_bytes(200_000));
        }, 'store-damaged', true];
        yield 'words' => [static function (string $store): void {
            file_put_contents($store, 'Dear diary');
        }, 'store-damaged', true];
        yield 'empty' => [static function (string $store): void {
            file_put_contents($store, '');
            @unlink($store.'-wal');
        }, 'store-missing', true];
        yield 'missing, with what was beside it left lying' => [static function (string $store): void {
            self::settled($store);
            (new \SQLite3($store))->exec("UPDATE recipe SET title = 'stale'"); // still in the log when the file goes
            rename($store, $store.'.gone');
            file_put_contents($store.'-wal', random_bytes(40_000));
        }, 'store-missing', true];
        yield 'Missing' => [static function (string $store): void {
            array_map(unlink(...), array_filter([$store, $store.'-wal', $store.'-shm'], is_file(...)));
        }, 'store-missing', false];
        yield 'of another program' => [static function (string $store): void {
            array_map(unlink(...), array_filter([$store, $store.'-wal', $store.'-shm'], is_file(...)));
            (new \SQLite3($store))->exec(
                'CREATE TABLE recipe (soup TEXT); CREATE TABLE revision (salt TEXT); CREATE TABLE '
                .'doctrine_migration_versions (version TEXT)',
            );
        }, 'store-foreign', true];
    }

    /** @param \Closure(string): void $spoil */
    #[DataProvider('spoiled')]
    public function testABackupComesInThePlaceOfWhateverIsThere(\Closure $spoil, string $kind, bool $aside): void
    {
        $spoil($this->studio->store);
        foreach ([
            ['GET', '/api/recipes'],
            ['POST', '/api/recipes/x/duplicate'],
            ['GET', '/api/health'],
            ['GET', '/api/pots'],
        ] as [$method, $path]) {
            $answer = $this->studio->ask($method, $path);
            self::assertSame(503, $answer->getStatusCode(), "$method $path");
            $this->isSaidPlainly($answer);
        }
        self::assertSame($kind, basename((string) $this->json($this->studio->ask('GET', '/api/health'))->type));
        if ('store-missing' !== $kind) {
            [$code, $said] = $this->studio->run('inlaid:prepare');
            self::assertSame(1, $code, 'it does not start over it');
            self::assertMatchesRegularExpression('/damaged|another program/', $said);
        }

        [$code, $said] = $this->studio->run('inlaid:restore', ['source' => $this->backup]);
        self::assertSame(0, $code, $said);
        self::assertSame($aside, [] !== (glob($this->studio->store.'.before-restore-*') ?: []), 'what was there is kept beside it');
        self::assertSame($aside, str_contains($said, 'before-restore'), $said);
        self::assertSame(7, $this->studio->json('GET', '/api/recipes')->total);
        self::assertNotContains('stale', array_column($this->studio->json('GET', '/api/recipes')->recipes, 'title'));
        self::assertSame('well', $this->studio->json('GET', '/api/health')->status);
        self::assertSame('ok', (new \SQLite3($this->studio->store))->querySingle('PRAGMA integrity_check'));
        self::assertSame(0o600, fileperms($this->studio->store) & 0o777, 'nobody else\'s to read');
    }

    /** What is no sound copy of a studio never comes in the place of one. */
    public function testOnlyAStudioOfThisVersionOrBeforeIsRestored(): void
    {
        $sources = [];
        foreach ([
            'foreign' => 'CREATE TABLE recipe (soup TEXT); CREATE TABLE revision (salt TEXT)',
            'empty' => 'CREATE TABLE x (y); DROP TABLE x',
        ] as $name => $sql) {
            $sources[$name] = $this->studio->store.".$name";
            (new \SQLite3($sources[$name]))->exec($sql);
        }
        copy($this->backup, $sources['later'] = $this->studio->store.'.later');
        (new \SQLite3($sources['later']))->exec(
            "INSERT INTO doctrine_migration_versions (version) VALUES ('Inlaid\\Migrations\\Version20991231000000')",
        );
        copy($this->backup, $sources['cut'] = $this->studio->store.'.cut');
        $file = fopen($sources['cut'], 'r+') ?: self::fail();
        ftruncate($file, 100_000);
        $before = $this->studio->json('GET', '/api/recipes');
        foreach ($sources + ['the store itself' => $this->studio->store] as $name => $source) {
            self::assertSame(1, $this->studio->run('inlaid:restore', ['source' => $source])[0], $name);
        }
        self::assertEquals($before, $this->studio->json('GET', '/api/recipes'));
        self::assertSame([], glob($this->studio->store.'.before-restore-*'));
    }

    /** A store that a later version has upgraded is not touched; one of before is upgraded, after a copy. */
    public function testAStoreOfAnotherVersionIsTold(): void
    {
        $this->sql("INSERT INTO doctrine_migration_versions (version) VALUES ('Inlaid\\Migrations\\Version20991231000000')");
        [$code, $said] = $this->studio->run('inlaid:prepare');
        self::assertSame(1, $code);
        self::assertStringContainsString('from a later version', $said);
        $this->sql("DELETE FROM doctrine_migration_versions WHERE version LIKE '%2099%'");

        $this->sql(
            "DELETE FROM doctrine_migration_versions WHERE version LIKE '%20261129220000'; DROP INDEX ledger_booking;
            ALTER TABLE ledger DROP COLUMN booking; ALTER TABLE ledger DROP COLUMN request",
        );
        $answer = $this->studio->ask('GET', '/api/ledger');
        self::assertSame([503, 'store-older'], [$answer->getStatusCode(), basename((string) $this->json($answer)->type)]);
        $this->isSaidPlainly($answer);
        self::assertSame(0, $this->studio->run('inlaid:prepare')[0]);
        self::assertCount(1, glob($this->studio->store.'.before-migration-*') ?: []);
        $this->studio->json('GET', '/api/ledger');
    }

    /** On a disk that is full, or may not be written, everything can be read, nothing is half stored, and it is said what to do. */
    #[TestWith(['PRAGMA max_page_count = 1', 507, 'disk-full', 'The disk is full'])]
    #[TestWith(['PRAGMA query_only = ON', 503, 'store-read-only', 'can be read but not written'])]
    public function testWhatCannotBeWrittenCanBeRead(string $pragma, int $status, string $kind, string $words): void
    {
        $recipe = $this->studio->recipe();
        $board = $this->studio->json('GET', '/api/boards')->boards[0]->id;
        $run = $this->studio->json('GET', '/api/runs')->runs[0]->id;
        $before = $this->rows();
        $large = str_repeat('A long note. ', 100);
        $document = Json::decode(Json::encode($recipe->document));
        self::assertInstanceOf(\stdClass::class, $document);
        foreach ($document->steps as $step) {
            $step->note = $large;
        }
        foreach ([
            ['POST', '/api/recipes', ['document' => $document]],
            ['PUT', "/api/recipes/$recipe->id/draft", ['version' => $recipe->version, 'document' => $document]],
            [
                'POST',
                "/api/runs/$run/events",
                ['events' => array_map(
                    static fn (int $i): array => [
                        'id' => "e$i",
                        'at' => '2026-11-20T08:00:00Z',
                        'kind' => 'note',
                        'step' => 's1',
                        'text' => $large,
                    ],
                    range(1, 12),
                )],
            ],
        ] as [$method, $path, $body]) {
            $answer = $this->with($pragma, $method, $path, $body);
            self::assertSame(
                [$status, $kind],
                [$answer->getStatusCode(), basename((string) $this->json($answer)->type)],
                "$method $path: ".$answer->getContent(),
            );
            self::assertStringContainsString($words, (string) $answer->getContent());
            $this->isSaidPlainly($answer);
            $eachForItself = str_ends_with($path, '/events') ? ['run_event' => 0] : [];
            self::assertSame($eachForItself + $before, $eachForItself + $this->rows(), "$method $path stores nothing");
        }
        foreach ([
            '/api/recipes',
            "/api/recipes/$recipe->id",
            '/api/boards',
            "/api/boards/$board",
            '/api/runs',
            "/api/runs/$run",
            '/api/pots',
            '/api/stock',
            '/api/ledger',
            '/api/materials',
            '/api/settings',
            '/api/photos/x',
        ] as $path) {
            self::assertContains($this->with($pragma, 'GET', $path)->getStatusCode(), [200, 404], $path);
        }
        self::assertSame(200, $this->with($pragma, 'POST', '/api/preview', ['document' => $recipe->document])->getStatusCode());
        self::assertSame(200, $this->with($pragma, 'POST', '/api/compute/days', new \stdClass())->getStatusCode());
        $health = $this->json($this->with('PRAGMA query_only = ON', 'GET', '/api/health'));
        self::assertSame(['limited', 'store-read-only'], [$health->status, $health->store]);
        self::assertStringContainsString('can be read but not written', $health->notes[0]);
    }

    /** A device stays let in although nothing can be written down of it. */
    public function testALockedStudioOnAFullDiskCanStillBeRead(): void
    {
        $secret = str_repeat('x', 43);
        $this->sql(
            "INSERT INTO studio_key
            VALUES ('".hash('sha256', $secret)."', 'device', datetime('now', '-2 days'), datetime('now', '-2 days'))",
        );
        $this->studio->hosts = 'studio.local';
        $answer = $this->with('PRAGMA query_only = ON', 'GET', '/api/recipes', null, ['inlaid-studio' => $secret]);
        self::assertSame(200, $answer->getStatusCode());
    }

    public function testCopiesAreCountedAndNobodyElsesToRead(): void
    {
        $folder = $this->studio->store.'.copies';
        foreach (['x', '0', '-1', '1.5', ''] as $keep) {
            self::assertSame(2, $this->studio->run('inlaid:backup', ['target' => $folder, '--keep' => $keep])[0], "--keep '$keep'");
        }
        self::assertDirectoryDoesNotExist($folder);
        for ($i = 0; $i < 4; ++$i) {
            self::assertSame(0, $this->studio->run('inlaid:backup', ['target' => $folder, '--keep' => '3'])[0]);
        }
        $copies = glob("$folder/*") ?: [];
        self::assertCount(3, $copies, 'several in one second are several');
        foreach ([...$copies, $this->backup] as $copy) {
            self::assertSame(0o600, fileperms($copy) & 0o777);
        }
        array_map(unlink(...), $copies);
        rmdir($folder);
    }

    /** Whoever puts a studio that holds far less in the place of a full one is asked once more. */
    public function testAStudioThatHoldsFarLessIsAskedAboutOnceMore(): void
    {
        $whole = $this->studio->bundle();
        self::assertFalse($this->bundle('POST', '/api/bundles/plan', $whole)->farLess);
        $zip = $this->studio->store.'.zip';
        file_put_contents($zip, $whole);
        $archive = new \ZipArchive();
        $archive->open($zip);
        foreach (range(0, $archive->numFiles - 1) as $i) {
            $name = (string) $archive->getNameIndex($i);
            \in_array($name, ['bundle.json', 'settings.jsonl', 'head.json', 'studio.json'], true) || $archive->deleteName($name);
        }
        $archive->close();
        $little = (string) file_get_contents($zip);
        self::assertTrue($this->bundle('POST', '/api/bundles/plan', $little)->farLess);
        $this->bundle('PUT', '/api/bundles/studio', $little, 409);
        self::assertSame(7, $this->studio->json('GET', '/api/recipes')->total);
        $this->bundle('PUT', '/api/bundles/studio?evenIfLess=true', $little);
        self::assertSame(0, $this->studio->json('GET', '/api/recipes')->total);
        $this->bundle('PUT', '/api/bundles/studio', $whole);
        self::assertSame(7, $this->studio->json('GET', '/api/recipes')->total, 'into an empty studio nobody asks');
    }

    private function bundle(string $method, string $path, string $bytes, int $status = 200): \stdClass
    {
        $answer = $this->studio->ask($method, $path, $bytes, ['Content-Type' => 'application/zip']);
        self::assertSame($status, $answer->getStatusCode(), (string) $answer->getContent());

        return $this->json($answer);
    }

    /**
     * @param array<string, string> $cookies
     */
    private function with(string $pragma, string $method, string $path, mixed $body = null, array $cookies = []): Response
    {
        $kernel = $this->studio->kernel();
        $this->connection($kernel)->executeStatement($pragma);
        $server = ['CONTENT_TYPE' => 'application/json', 'HTTP_HOST' => 'localhost', 'REMOTE_ADDR' => '127.0.0.1'];
        $answer = $kernel->handle(Request::create($path, $method, [], $cookies, [], $server, Json::encode($body ?? new \stdClass())));
        $kernel->shutdown();

        return $answer;
    }

    private function connection(Kernel $kernel): Connection
    {
        $connection = $kernel->getContainer()->get('doctrine.dbal.default_connection');
        self::assertInstanceOf(Connection::class, $connection);

        return $connection;
    }

    private function json(Response $answer): \stdClass
    {
        $json = Json::decode((string) $answer->getContent());
        self::assertInstanceOf(\stdClass::class, $json);

        return $json;
    }

    /** A sentence with what to do; nothing of the inside of the program. */
    private function isSaidPlainly(Response $answer): void
    {
        $said = (string) $answer->getContent();
        self::assertGreaterThan(60, \strlen((string) $this->json($answer)->detail));
        foreach (['SQLSTATE', 'PDO', 'Doctrine', '.php', '#0', 'sqlite_master', $this->studio->store] as $inside) {
            self::assertStringNotContainsString($inside, $said);
        }
    }

    /** @return array<string, int> of every table */
    private function rows(): array
    {
        $store = new \SQLite3($this->studio->store, \SQLITE3_OPEN_READONLY);
        $tables = $store->query("SELECT name FROM sqlite_master WHERE type = 'table'");
        $rows = [];
        while (false !== $tables && false !== $table = $tables->fetchArray(\SQLITE3_NUM)) {
            $name = (string) $table[0];
            $rows[$name] = (int) $store->querySingle("SELECT COUNT(*) FROM \"$name\"");
        }

        return $rows;
    }

    private function sql(string $sql): void
    {
        $store = new \SQLite3($this->studio->store);
        $store->busyTimeout(5000);
        $store->exec($sql);
    }

    /** All of it in the one file. */
    private static function settled(string $store): void
    {
        $open = new \SQLite3($store);
        $open->exec('PRAGMA wal_checkpoint(TRUNCATE)');
        $open->close();
    }
}
