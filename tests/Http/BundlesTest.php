<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\Bundle\Kind;
use Inlaid\Tests\Pictures;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Recipes and whole studios out as one file and in again: nothing is lost, nothing is half taken, and nothing gets in that could not be
 * typed in.
 */
final class BundlesTest extends TestCase
{
    private Studio $studio;
    /** @var list<string> */
    private array $files = [];

    protected function setUp(): void
    {
        $this->studio = Studio::open();
    }

    protected function tearDown(): void
    {
        $this->studio->close();
        array_map(unlink(...), $this->files);
    }

    /** Out of a full studio, in the place of another, out again: the same to the last byte. */
    public function testAWholeStudioMovesToAnotherMachine(): void
    {
        $board = $this->boardWithPhoto();
        $run = $this->studio->json('GET', '/api/runs')->runs[0]->id;
        $this->studio->ask('POST', "/api/runs/$run/photos", Pictures::board([[0.2, 0.4, 0.3]]), ['Content-Type' => 'image/jpeg']);
        $out = $this->export('studio');
        $other = Studio::open();
        $other->json('POST', '/api/recipes', ['document' => $this->studio->recipe()->document], 201);
        $this->in($other, 'PUT', '/api/bundles/studio', $out);
        self::assertSame(self::told($out), self::told($this->export('studio', $other)));
        // What is derived is there again.
        foreach ([
            '/api/recipes?query=ticket',
            '/api/pots',
            '/api/stock',
            '/api/runs',
            '/api/materials',
            '/api/settings',
            '/api/boards',
            "/api/runs/$run",
        ] as $path) {
            self::assertEquals($this->studio->json('GET', $path), $other->json('GET', $path), $path);
        }
        $photo = $this->studio->json('GET', "/api/boards/$board")->readings[0]->photos[0]->id;
        self::assertSame(
            $this->studio->ask('GET', "/api/photos/$photo")->getContent(),
            $other->ask('GET', "/api/photos/$photo")->getContent(),
        );
        self::assertCount(1, glob($other->store.'.before-import-*') ?: [], 'what was there is kept');
        $other->close();
    }

    /** Whatever the store comes to hold goes along, or is left out for a reason. */
    public function testNothingTheStoreHoldsIsForgotten(): void
    {
        $derived = ['StoredBalance', 'StoredTerm'];
        $opens = ['StoredPassphrase', 'StoredKey', 'StoredTries', 'StoredFeed', 'ClientLink', 'StoredShare', 'StoredOffer'];
        $bundled = array_map(static fn (Kind $k): string => basename(strtr($k->entity(), '\\', '/')), Kind::cases());
        $all = array_map(static fn (string $f): string => basename($f, '.php'), glob(\dirname(__DIR__, 2).'/src/Store/Entity/*.php') ?: []);
        self::assertEqualsCanonicalizing($all, [...$derived, ...$opens, ...$bundled]);
    }

    public function testRecipesComeBesideThoseThereAre(): void
    {
        $board = $this->boardWithPhoto();
        $recipe = $this->studio->json('GET', "/api/boards/$board")->recipe;
        $out = $this->export('recipes', null, '?ids='.$recipe);

        $again = $this->in($this->studio, 'POST', '/api/bundles/plan', $out);
        self::assertSame(['same', 'same'], [$again->recipes[0]->becomes, $again->boards[0]->becomes]);
        $before = $this->counts();
        $this->in($this->studio, 'POST', '/api/bundles', $out, 201);
        self::assertSame($before, $this->counts(), 'what is here already stays as it is');

        // The recipe goes on here; what comes is what it was.
        $opened = $this->studio->json('GET', "/api/recipes/$recipe");
        $opened->document->title = 'Gone on';
        $this->studio->json('PUT', "/api/recipes/$recipe/draft", ['version' => $opened->version, 'document' => $opened->document]);
        self::assertSame('copy', $this->in($this->studio, 'POST', '/api/bundles/plan', $out)->recipes[0]->becomes);
        self::assertSame($before, $this->counts(), 'a look keeps nothing');
        $this->in($this->studio, 'POST', '/api/bundles', $out, 201);
        self::assertSame($before['recipes'] + 1, $this->counts()['recipes']);
        self::assertSame('Gone on', $this->studio->json('GET', "/api/recipes/$recipe")->document->title);

        // The board goes on here too: what comes is another board, with photos of its own, and its readings are of those.
        $reading = $this->studio->json('GET', "/api/boards/$board")->readings[0];
        $photo = $reading->photos[0]->id;
        $this->studio->json('PUT', "/api/boards/$board/patches/A1/reading", ['colour' => '#8c9698', 'how' => 'photo', 'photo' => $photo]);
        $out = $this->export('recipes', null, '?ids='.$recipe);
        (new \SQLite3($this->studio->store))->exec(
            "UPDATE board SET document = replace(document, '\"title\":\"', '\"title\":\"Other ') WHERE id = '$board'",
        );
        $this->in($this->studio, 'POST', '/api/bundles', $out, 201);
        $boards = $this->studio->json('GET', '/api/boards')->boards;
        $copy = array_values(array_filter(
            $boards,
            static fn (\stdClass $b): bool => !str_starts_with($b->title, 'Other')
                && $b->id !== $board
                && [] !== array_filter($boards, static fn (\stdClass $o): bool => $o->id === $board && $o->title === $b->title),
        ))[0]->id ?? '';
        $copied = array_values(array_filter(
            $this->studio->json('GET', "/api/boards/$copy")->readings,
            static fn (\stdClass $r): bool => 'A1' === $r->patch,
        ))[0];
        self::assertNotSame($photo, $copied->photo);
        self::assertSame($copied->photos[0]->id, $copied->photo);

        $other = $this->emptied();
        self::assertSame('new', $this->in($other, 'POST', '/api/bundles/plan', $out)->recipes[0]->becomes);
        $this->in($other, 'POST', '/api/bundles', $out, 201);
        $there = $other->json('GET', "/api/recipes/$recipe");
        self::assertEquals([$opened->revisions, 1], [$there->revisions, $other->json('GET', '/api/recipes')->total]);
        self::assertCount(1, $other->json('GET', "/api/boards/$board")->readings[0]->photos);
        $other->close();
    }

    /**
     * @return iterable<string, array{\Closure(string): void, string}> what is done to a sound bundle, and what is said of it
     */
    public static function hostile(): iterable
    {
        $zip = static function (string $path, \Closure $do): void {
            $zip = new \ZipArchive();
            $zip->open($path);
            $do($zip);
            $zip->close();
        };
        $add = static fn (string $name, string $bytes): \Closure => static fn (string $path) => $zip(
            $path,
            static fn (\ZipArchive $z) => $z->addFromString($name, $bytes),
        );
        $edit = static fn (string $name, \Closure $edit): \Closure => static fn (string $path) => $zip(
            $path,
            static fn (\ZipArchive $z) => $z->addFromString($name, $edit((string) $z->getFromName($name))),
        );
        $line = static fn (string $file, \Closure $change): \Closure => $edit($file, static function (string $text) use ($change): string {
            $lines = explode("\n", trim($text));
            $row = json_decode($lines[0], false, 64, \JSON_THROW_ON_ERROR);
            $change($row);

            return Json::encode($row)."\n".implode("\n", \array_slice($lines, 1));
        });

        yield 'no zip' => [
            static function (string $path): void { file_put_contents($path, str_repeat('no zip at all ', 100)); },
            't a complete .zip',
        ];
        yield 'broken off' => [
            static function (string $path): void { file_put_contents($path, substr((string) file_get_contents($path), 0, -4000)); },
            't a complete .zip',
        ];
        yield 'a path out of it' => [$add('../../etc/cron.d/x', 'x'), 't belong in a bundle'];
        yield 'a path from the root' => [$add('/etc/passwd', 'x'), 't belong in a bundle'];
        yield 'a script' => [$add('photos/x.php', 'x'), 't belong in a bundle'];
        yield 'a path in a photo' => [$add('photos/..%2fx.jpg', 'x'), 't belong in a bundle'];
        yield 'a bomb' => [$add('events.jsonl', str_repeat("\0", 330 * 1024 * 1024)), 'unpacked'];
        yield 'a long line' => [$add('events.jsonl', str_repeat(' ', 5 * 1024 * 1024)), 'is too long'];
        yield 'too many files' => [
            static fn (string $path) => $zip(
                $path,
                static fn (\ZipArchive $z) => array_map(
                    static fn (int $i): bool => $z->addFromString("photos/x$i.jpg", ''),
                    range(1, 5001),
                ),
            ),
            'Maximum 5000',
        ];
        yield 'locked' => [
            static fn (string $path) => $zip(
                $path,
                static fn (\ZipArchive $z) => $z->setEncryptionName('drafts.jsonl', \ZipArchive::EM_AES_256, 'x'),
            ),
            'password',
        ];
        yield 'of another program' => [
            $add('bundle.json', '{"format":"other","version":1,"whole":true,"madeAt":"now"}'),
            't an Inlaid Recipe bundle',
        ];
        yield 'of a newer version' => [
            $add('bundle.json', '{"format":"inlaid-bundle","version":2,"whole":true,"madeAt":"now"}'),
            'newer version',
        ];
        yield 'a script as a photo' => [
            static fn (string $path) => $zip(
                $path,
                static fn (\ZipArchive $z) => $z->addFromString((string) $z->getNameIndex($z->numFiles - 1), '<?php echo 1;'),
            ),
            '/photos/',
        ];
        yield 'a photo that is not there' => [
            static fn (string $path) => $zip($path, static fn (\ZipArchive $z) => $z->deleteIndex($z->numFiles - 1)),
            'incomplete: “photos/',
        ];
        yield 'no JSON' => [$edit('drafts.jsonl', static fn (string $t): string => 'no json'.$t), 't JSON'];
        yield 'a field of its own' => [$line('recipes.jsonl', static fn (\stdClass $r) => $r->isAdmin = true), 'Unknown field'];
        yield 'an id with a path' => [$line('recipes.jsonl', static fn (\stdClass $r) => $r->id = '../x'), 'letters, digits'];
        yield 'a recipe twice' => [$edit('recipes.jsonl', static fn (string $t): string => explode("\n", $t)[0]."\n".$t), 'twice'];
        yield 'a recipe without a draft' => [$add('drafts.jsonl', ''), 'no draft'];
        yield 'a revision that no recipe knows' => [
            $line('revisions.jsonl', static fn (\stdClass $r) => $r->number = 99),
            'no such revision',
        ];
        yield 'a draft of nothing' => [
            $line('drafts.jsonl', static fn (\stdClass $r) => $r->recipe = 'nothing'),
            'missing from the bundle',
        ];
        yield 'a step without end' => [
            $line('drafts.jsonl', static fn (\stdClass $r) => $r->document->steps[0]->technique = 'magic'),
            '/drafts/1/document/steps/0',
        ];
        yield 'a rating of 99' => [$line('readings.jsonl', static fn (\stdClass $r) => $r->document->rating = 99), 'from 1 to 5'];
        yield 'paint out of thin air' => [
            $line('ledger.jsonl', static fn (\stdClass $r) => $r->moves[0]->from = 'shelf'),
            'Not enough in stock',
        ];
        yield 'an account of its own' => [
            $line('ledger.jsonl', static fn (\stdClass $r) => $r->moves[0]->from = 'heaven'),
            'Unknown place',
        ];
        yield 'a number that is none' => [
            $line('ledger.jsonl', static fn (\stdClass $r) => $r->moves[0]->grams = '1e9999999'),
            '/ledger/1',
        ];
        yield 'an event of next year' => [
            $line('events.jsonl', static fn (\stdClass $r) => $r->document->at = '2999-01-01T00:00:00Z'),
            'in the future',
        ];
        yield 'a material without a body' => [
            $line('materials.jsonl', static function (\stdClass $r): void { unset($r->document->body); }),
            '/materials/1/document/body',
        ];
        yield 'settings that are none' => [
            $line('settings.jsonl', static fn (\stdClass $r) => $r->document->tolerance = '7'),
            '/settings/1/document/tolerance',
        ];
    }

    /**
     * @param \Closure(string): void $spoil
     */
    #[DataProvider('hostile')]
    public function testAHostileBundleLeavesTheStudioAsItWas(\Closure $spoil, string $says): void
    {
        $this->boardWithPhoto();
        $path = $this->export('studio');
        $before = self::told($path);
        $spoil($path);
        foreach ([['POST', '/api/bundles/plan'], ['POST', '/api/bundles'], ['PUT', '/api/bundles/studio']] as [$method, $to]) {
            // Stock is not looked at when recipes alone are added.
            if ('paint out of thin air' === $this->dataName() && 'PUT' !== $method) {
                continue;
            }
            $answer = $this->studio->ask($method, $to, (string) file_get_contents($path), ['Content-Type' => 'application/zip']);
            $text = (string) $answer->getContent();
            self::assertSame(422, $answer->getStatusCode(), substr($text, 0, 400));
            self::assertStringContainsString($says, stripslashes($text));
        }
        self::assertSame($before, self::told($this->export('studio')));
    }

    /** At the machine itself by commands: out, looked over, in the place of another; and more files than over the net. */
    public function testByCommands(): void
    {
        $file = $this->files[] = sys_get_temp_dir().'/inlaid-'.bin2hex(random_bytes(4)).'.zip';
        self::assertSame(0, $this->studio->run('inlaid:bundle:export', ['file' => $file])[0]);
        self::assertSame(1, $this->studio->run('inlaid:bundle:export', ['file' => $file])[0], 'what is there is left alone');
        [$code, $said] = $this->studio->run('inlaid:bundle:import', ['file' => $file, '--look' => true]);
        self::assertSame([0, 7], [$code, substr_count($said, 'same: ') - 2]);
        $zip = new \ZipArchive();
        $zip->open($file);
        array_map(static fn (int $i): bool => $zip->addFromString("photos/x$i.jpg", ''), range(1, 5001));
        $zip->close();
        $other = $this->emptied();
        self::assertSame(0, $other->run('inlaid:bundle:import', ['file' => $file, '--replace' => true])[0]);
        self::assertSame(7, $other->json('GET', '/api/recipes')->total);
        $other->close();
    }

    public function testWhatAnOlderVersionWroteIsRead(): void
    {
        $path = $this->export('recipes');
        $zip = new \ZipArchive();
        $zip->open($path);
        $golden = json_decode(
            (string) file_get_contents(\dirname(__DIR__).'/Exchange/golden/recipe-1.json'),
            false,
            64,
            \JSON_THROW_ON_ERROR,
        );
        $lines = array_map(
            static fn (string $l): mixed => json_decode($l, false, 64, \JSON_THROW_ON_ERROR),
            explode("\n", trim((string) $zip->getFromName('drafts.jsonl'))),
        );
        \assert($lines[0] instanceof \stdClass);
        $lines[0]->document = $golden;
        $zip->addFromString('drafts.jsonl', implode("\n", array_map(Json::encode(...), $lines)));
        $zip->close();
        $other = $this->emptied();
        $this->in($other, 'POST', '/api/bundles', $path, 201);
        self::assertSame(4, $other->json('GET', '/api/recipes/'.$lines[0]->recipe)->document->version);
        $other->close();
    }

    /** What a search finds is what is exported: by words, wood, finish and colour. */
    public function testWhatIsFoundIsExported(): void
    {
        foreach (['near=%23b87f2e', 'wood=beech', 'how=washed-wiped', 'query=slate', 'near=%230000ff'] as $query) {
            $found = array_column($this->studio->json('GET', "/api/recipes?$query")->recipes, 'title');
            $planned = $this->in($this->studio, 'POST', '/api/bundles/plan', $this->export('recipes', query: "?$query"))->recipes;
            self::assertEqualsCanonicalizing($found, array_column($planned, 'title'), $query);
        }
    }

    /** A board of the demo that has a photo. */
    private function boardWithPhoto(): string
    {
        foreach ($this->studio->json('GET', '/api/boards')->boards as $board) {
            $opened = $this->studio->json('GET', "/api/boards/$board->id");
            if (null === $opened->recipe) {
                continue;
            }
            $answer = $this->studio->ask(
                'POST',
                "/api/boards/$board->id/patches/A1/photos",
                Pictures::board([[0.5, 0.4, 0.3]]),
                ['Content-Type' => 'image/jpeg'],
            );
            self::assertSame(201, $answer->getStatusCode(), (string) $answer->getContent());

            return $board->id;
        }
        self::fail('The demo has no board of a recipe.');
    }

    /** A studio in which nothing has been done yet. */
    private function emptied(): Studio
    {
        $studio = Studio::open();
        $store = new \SQLite3($studio->store);
        foreach (['recipe_term', 'draft', 'revision', 'photo', 'patch_reading', 'share', 'board', 'recipe'] as $table) {
            $store->exec("DELETE FROM $table");
        }

        return $studio;
    }

    /**
     * @return array<string, int>
     */
    private function counts(): array
    {
        return [
            'recipes' => $this->studio->json('GET', '/api/recipes')->total,
            'boards' => $this->studio->json('GET', '/api/boards')->total,
        ];
    }

    private function export(string $what, ?Studio $of = null, string $query = ''): string
    {
        $file = $this->files[] = (string) tempnam(sys_get_temp_dir(), 'inlaid-');
        file_put_contents($file, ($of ?? $this->studio)->bundle($what, $query));

        return $file;
    }

    private function in(Studio $to, string $method, string $path, string $file, int $status = 200): \stdClass
    {
        $answer = $to->ask($method, $path, (string) file_get_contents($file), ['Content-Type' => 'application/zip']);
        self::assertSame($status, $answer->getStatusCode(), (string) $answer->getContent());
        $json = Json::decode((string) $answer->getContent());
        self::assertInstanceOf(\stdClass::class, $json);

        return $json;
    }

    /**
     * @return array<string, string> all that a bundle holds but when it was made
     */
    private static function told(string $path): array
    {
        $zip = new \ZipArchive();
        $zip->open($path);
        $told = [];
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $told[(string) $zip->getNameIndex($i)] = (string) $zip->getFromIndex($i);
        }
        unset($told['bundle.json']);

        return $told;
    }
}
