<?php

declare(strict_types=1);

namespace Inlaid\Tests\Store;

use Brick\Math\BigRational;
use Doctrine\DBAL\Configuration;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Schema\Schema;
use Inlaid\App\Store\Sqlite\SqliteMiddleware;
use Inlaid\App\Store\Sqlite\StoreMigration;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Migrations\Version20261125090000;
use Inlaid\Migrations\Version20261129220000;
use Inlaid\Tests\Http\Studio;
use PHPUnit\Framework\TestCase;
use Psr\Log\NullLogger;
use Symfony\Component\Process\Process;

/**
 * What the store promises: whole or not at all, no "locked", nothing lost in a migration, a copy while in use.
 */
final class StoreTest extends TestCase
{
    private Studio $studio;

    protected function setUp(): void
    {
        $this->studio = Studio::open();
    }

    protected function tearDown(): void
    {
        $this->studio->close();
    }

    /**
     * A writer is killed at whatever moment it happens to be in, many times; the store must open and hold a draft that was
     * wholly saved: title and every part of the document from the same save.
     */
    public function testKilledInTheMiddleOfASaveTheStoreHoldsTheOldOrTheNew(): void
    {
        $id = $this->studio->recipe()->id;
        $seen = [];
        for ($round = 0; $round < 12; ++$round) {
            $writer = $this->writer($id, 1000);
            $writer->start();
            $writer->waitUntil(static fn (string $type, string $output): bool => str_contains($output, 'saved'));
            $until = hrtime(true) + $round * 1_700_000;
            while (hrtime(true) < $until) {
            }
            $writer->signal(9);
            $writer->wait();
            self::assertSame(9, $writer->getTermSignal());
            $store = new \SQLite3($this->studio->store);
            self::assertSame('ok', $store->querySingle('PRAGMA integrity_check'));
            $opened = $this->studio->json('GET', "/api/recipes/$id");
            $row = $store->querySingle("SELECT title FROM recipe WHERE id = '$id'");
            self::assertSame($opened->document->title, $row);
            self::assertSame($opened->document->title, $opened->document->summary, 'half a document');
            self::assertSame($opened->document->title, end($opened->document->steps)->note, 'half a document');
            $seen[] = $opened->version;
        }
        self::assertGreaterThan(12, end($seen), 'the writers did write');
    }

    /**
     * The same with the real server: killed outright while a client saves one draft after the other.
     */
    public function testTheServerKilledInTheMiddleOfASaveHoldsTheOldOrTheNew(): void
    {
        $id = $this->studio->recipe()->id;
        for ($round = 0; $round < 6; ++$round) {
            $socket = stream_socket_server('tcp://127.0.0.1:0') ?: self::fail('No free port.');
            $address = (string) stream_socket_get_name($socket, false);
            fclose($socket);
            $server = new Process(
                [\PHP_BINARY, '-S', $address, '-t', 'public', 'public/index.php'],
                \dirname(__DIR__, 2),
                ['APP_ENV' => 'test', 'INLAID_STORE' => $this->studio->store],
            );
            $server->disableOutput()->start();
            for ($tries = 0; $tries < 200 && false === ($up = @stream_socket_client("tcp://$address")); ++$tries) {
                usleep(20_000);
            }
            $client = new Process([\PHP_BINARY, __DIR__.'/save-drafts.php', "http://$address", $id, '1000'], null, null, null, 60);
            $client->start();
            $client->waitUntil(static fn (string $type, string $output): bool => str_contains($output, 'saved'));
            $until = hrtime(true) + $round * 7_300_000;
            while (hrtime(true) < $until) {
            }
            $server->signal(9);
            $client->wait();
            self::assertNotSame(0, $client->getExitCode(), 'the client was cut off');
            self::assertSame('ok', (new \SQLite3($this->studio->store))->querySingle('PRAGMA integrity_check'));
            $opened = $this->studio->json('GET', "/api/recipes/$id");
            self::assertSame(
                [$opened->document->title, $opened->document->title],
                [$opened->document->summary, end($opened->document->steps)->note],
            );
        }
    }

    public function testFourWritersAtOnceAreNeverLockedOut(): void
    {
        $ids = array_map(
            static fn (\stdClass $r): string => $r->id,
            \array_slice($this->studio->json('GET', '/api/recipes')->recipes, 0, 4),
        );
        $writers = array_map(fn (string $id): Process => $this->writer($id, 40), $ids);
        array_map(static fn (Process $w) => $w->start(), $writers);
        foreach ($writers as $writer) {
            $writer->wait();
            self::assertSame(0, $writer->getExitCode(), $writer->getErrorOutput());
            self::assertSame(40, substr_count($writer->getOutput(), 'saved'));
        }
    }

    public function testAMigrationOfAPopulatedStoreLosesNoRow(): void
    {
        $connection = $this->connection();
        $count = static fn (string $table): int => (int) $connection->fetchOne("SELECT COUNT(*) FROM $table");
        $before = array_map($count, $tables = ['recipe', 'draft', 'revision', 'recipe_term', 'material']);
        self::assertNotContains(0, $before);
        // The way SQLite alters a table: copy, drop, rename. With foreign keys on, the drop would empty the children.
        $this->migration($connection, [
            'CREATE TABLE new_recipe AS SELECT * FROM recipe WHERE 0',
            'DROP TABLE new_recipe',
            'CREATE TABLE new_recipe (id VARCHAR(26) NOT NULL PRIMARY KEY, title VARCHAR(200) NOT NULL, head INTEGER '
            .'NOT NULL, card CLOB NOT NULL, created_at DATETIME NOT NULL, updated_at DATETIME NOT NULL, archived_at '
                .'DATETIME DEFAULT NULL, look_l DOUBLE PRECISION DEFAULT NULL, look_a DOUBLE PRECISION DEFAULT NULL, '
                    .'look_b DOUBLE PRECISION DEFAULT NULL)',
            'INSERT INTO new_recipe SELECT * FROM recipe',
            'DROP TABLE recipe',
            'ALTER TABLE new_recipe RENAME TO recipe',
        ])->up(new Schema());
        self::assertSame($before, array_map($count, $tables));
        self::assertSame('1', (string) $connection->fetchOne('PRAGMA foreign_keys'));
        try {
            $this->migration($connection, ['DELETE FROM recipe'])->up(new Schema());
            self::fail('A migration that orphans rows went through.');
        } catch (\Throwable $error) {
            self::assertStringContainsString('would orphan', $error->getMessage());
        }
        self::assertSame($before, array_map($count, $tables));
    }

    /**
     * What was left on a shelf without a ledger is the ledger's first line: 40 ml of a powder weigh what a scoop of it weighs.
     */
    public function testWhatWasLeftBecomesTheFirstLineOfTheLedger(): void
    {
        $connection = $this->connection();
        $this->migration($connection, [
            'DROP TABLE ledger', 'DROP TABLE balance', 'DROP TABLE pot', 'DROP TABLE stock',
            'CREATE TABLE stock (material_id VARCHAR(64) NOT NULL PRIMARY KEY REFERENCES material (id) ON DELETE '
            .'CASCADE, amount VARCHAR(40) NOT NULL, unit VARCHAR(2) NOT NULL)',
            "INSERT INTO stock VALUES ('halt-ochre', '40', 'ml'), ('engine-green', '1/3', 'g')",
        ])->up(new Schema());
        require_once \dirname(__DIR__, 2).'/migrations/Version20261125090000.php';
        require_once \dirname(__DIR__, 2).'/migrations/Version20261129220000.php';
        (new Version20261125090000($connection, new NullLogger()))->up(new Schema());
        (new Version20261129220000($connection, new NullLogger()))->up(new Schema());
        self::assertSame(
            [['engine-green', '0.333333', 'g'], ['halt-ochre', '40', 'ml']],
            array_map(
                static fn (\stdClass $l): array => [$l->material, $l->amount, $l->unit],
                $this->studio->json('GET', '/api/stock')->left,
            ),
        );
        $sums = $this->studio->json('GET', '/api/ledger')->materials;
        self::assertEquals(
            ['engine-green' => '0.333333', 'halt-ochre' => '28.8'],
            array_column($sums, 'bought', 'material'),
            '40 ml at 0.72 g/ml as scooped',
        );
        self::assertSame(array_column($sums, 'bought'), array_column($sums, 'shelf'));
    }

    /**
     * A store in which fractions have grown with every booking until nothing could read them: 400 bookings in thirds, sevenths and
     * elevenths, booked as they were before
     * there was a grid. Afterwards all pages can be read again, every balance is the sum of its lines and as near as can be to what truly
     * was there, nothing is below nothing, and what was
     * emptied is empty.
     */
    public function testFractionsThatHaveGrownAreHealed(): void
    {
        $connection = $this->connection();
        $this->migration(
            $connection,
            [
                'DROP INDEX ledger_booking',
                'ALTER TABLE ledger DROP COLUMN booking',
                'ALTER TABLE ledger DROP COLUMN request',
                'DELETE FROM ledger',
                'DELETE FROM balance',
                'DELETE FROM pot WHERE id NOT IN (SELECT id FROM pot LIMIT 1)',
            ],
        )->up(new Schema());
        $pot = 'pot:'.$connection->fetchOne('SELECT id FROM pot');
        $true = [
            'shelf' => BigRational::zero(),
            $pot => BigRational::zero(),
            'used' => BigRational::zero(),
            'thrown' => BigRational::zero(),
        ];
        $book = static function (
            string $from,
            string $to,
            BigRational $grams,
            string $material = 'water',
        ) use ($connection, &$true, &$number): void {
            $line = json_encode(
                [['material' => $material, 'grams' => (string) $grams->simplified(), 'from' => $from, 'to' => $to]],
                \JSON_THROW_ON_ERROR,
            );
            $connection->executeStatement(
                "INSERT INTO ledger (id, at, kind, pot_id, moves, note) VALUES (?, CURRENT_TIMESTAMP, 'used', NULL, ?, '')",
                [\sprintf('01KAW%021d', ++$number), $line],
            );
            if ('water' === $material) {
                'bought' === $from || $true[$from] = $true[$from]->minus($grams)->simplified();
                $true[$to] = $true[$to]->plus($grams)->simplified();
            }
        };
        for ($i = 0; $i < 100; ++$i) {
            $book('bought', 'shelf', BigRational::of('1000/3'));
            $book('shelf', $pot, $true['shelf']->dividedBy(3 + $i % 9));
            $book($pot, 'used', $true[$pot]->multipliedBy('5/7'));
            $book($pot, 'thrown', $true[$pot]->dividedBy(11));
        }
        $book('bought', $pot, BigRational::of('1/3'), 'engine-green');
        $book($pot, 'used', BigRational::of('1/7'), 'engine-green');
        $book($pot, 'thrown', BigRational::of('4/21'), 'engine-green'); // emptied
        $book('bought', 'shelf', BigRational::of('1/99999999999999'), 'engine-green');
        require_once \dirname(__DIR__, 2).'/migrations/Version20261129220000.php';
        (new Version20261129220000($connection, new NullLogger()))->up(new Schema());

        foreach ($true as $account => $grams) {
            $kept = BigRational::of((string) $connection->fetchOne(
                "SELECT grams FROM balance WHERE account = ? AND material_id = 'water'",
                [$account],
            ));
            self::assertEqualsWithDelta(
                0.0,
                $kept->minus($grams)->toFloat(),
                'used' === $account || 'thrown' === $account ? 1e-4 : 1.01e-6,
                $account,
            );
        }
        self::assertSame(
            '0',
            ExactNumber::exact(BigRational::of((string) (
                $connection->fetchOne("SELECT grams FROM balance WHERE account = ? AND material_id = 'engine-green'", [$pot]) ?: '0'
            ))),
        );
        self::assertLessThan(20, $connection->fetchOne('SELECT MAX(LENGTH(grams)) FROM balance'));
        $sums = $this->studio->json('GET', '/api/ledger')->materials;
        foreach ($sums as $sum) {
            $left = ExactNumber::sum(array_map(ExactNumber::stored(...), [$sum->shelf, $sum->pots, $sum->used, $sum->thrown]));
            self::assertTrue(ExactNumber::stored($sum->bought)->isEqualTo($left), $sum->material);
        }
        foreach (['/api/pots', '/api/stock', '/api/ledger?page=4'] as $page) {
            $this->studio->json('GET', $page);
        }
        $this->studio->json('POST', '/api/preview', ['document' => $this->studio->recipe()->document]);
    }

    public function testBackupWhileInUseAndRestore(): void
    {
        $copy = $this->studio->store.'.copy';
        $writer = $this->writer($this->studio->recipe()->id, 60);
        $writer->start();
        $writer->waitUntil(static fn (string $type, string $output): bool => str_contains($output, 'saved'));
        [$code, $said] = $this->studio->run('inlaid:backup', ['target' => $copy]);
        self::assertSame(0, $code, $said);
        $writer->wait();
        self::assertSame(0, $writer->getExitCode());
        self::assertSame('ok', (new \SQLite3($copy))->querySingle('PRAGMA integrity_check'));
        self::assertSame(1, $this->studio->run('inlaid:backup', ['target' => $copy])[0], 'a file that is there is left alone');

        $this->studio->json('POST', '/api/recipes/'.$this->studio->recipe('stools')->id.'/archive');
        self::assertSame(6, $this->studio->json('GET', '/api/recipes')->total);
        [$code, $said] = $this->studio->run('inlaid:restore', ['source' => $copy]);
        self::assertSame(0, $code, $said);
        self::assertSame(7, $this->studio->json('GET', '/api/recipes')->total);
        self::assertCount(1, glob($this->studio->store.'.before-restore-*') ?: []);

        file_put_contents($copy, 'no store');
        self::assertSame(1, $this->studio->run('inlaid:restore', ['source' => $copy])[0]);
        self::assertSame(7, $this->studio->json('GET', '/api/recipes')->total);
    }

    public function testTheIndexIsDerivedAndCanBeRebuilt(): void
    {
        $connection = $this->connection();
        $terms = static fn (): array => $connection->fetchFirstColumn('SELECT recipe_id || term FROM recipe_term ORDER BY 1');
        $before = $terms();
        $connection->executeStatement('DELETE FROM recipe_term');
        $connection->executeStatement("UPDATE recipe SET card = '{}'");
        self::assertSame([0, "7 recipes indexed.\n"], $this->studio->run('inlaid:reindex'));
        self::assertSame($before, $terms());
    }

    private function writer(string $id, int $times): Process
    {
        return new Process(
            [\PHP_BINARY, __DIR__.'/save-drafts.php', $this->studio->store, $id, (string) $times],
            null,
            ['APP_ENV' => 'test'],
            null,
            120,
        );
    }

    private function connection(): Connection
    {
        $configuration = new Configuration();
        $configuration->setMiddlewares([new SqliteMiddleware()]);

        return DriverManager::getConnection(['driver' => 'pdo_sqlite', 'path' => $this->studio->store], $configuration);
    }

    /**
     * @param list<string> $statements
     */
    private function migration(Connection $connection, array $statements): StoreMigration
    {
        return new class($connection, new NullLogger(), $statements) extends StoreMigration {
            /**
             * @param list<string> $statements
             */
            public function __construct(Connection $connection, NullLogger $logger, private readonly array $statements)
            {
                parent::__construct($connection, $logger);
            }

            protected function change(): iterable
            {
                return $this->statements;
            }
        };
    }
}
