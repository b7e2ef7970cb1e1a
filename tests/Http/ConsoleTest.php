<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\App\Exchange\Json;
use PHPUnit\Framework\TestCase;

/**
 * The commands: what they print, what they refuse in words, and that refusing changes nothing.
 */
final class ConsoleTest extends TestCase
{
    private Studio $studio;
    private string $folder;

    protected function setUp(): void
    {
        $this->studio = Studio::open();
        $this->folder = sys_get_temp_dir().'/inlaid-console-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob($this->folder.'/*') ?: []);
        rmdir($this->folder);
        $this->studio->close();
    }

    public function testARecipeGoesOutAndComesBackTheSame(): void
    {
        foreach (['ticket', 'stools', 'settle', 'cupboard', 'clock', 'counter', 'frame'] as $which) {
            $recipe = $this->studio->recipe($which);
            [$code, $text] = $this->studio->run('inlaid:recipe:export', ['id' => $recipe->id]);
            self::assertSame(0, $code);
            [$code, $id] = $this->studio->run('inlaid:recipe:import', ['file' => $this->file($text)]);
            self::assertSame(0, $code, $id);
            self::assertSame($text, $this->studio->run('inlaid:recipe:export', ['id' => trim($id)])[1]);
            self::assertSame($text, $this->studio->ask('GET', "/api/recipes/$recipe->id/document")->getContent());
        }
        self::assertSame(14, $this->studio->json('GET', '/api/recipes')->total);
    }

    public function testTheCatalogueOfRulesIsUpToDate(): void
    {
        self::assertStringEqualsFile(
            \dirname(__DIR__, 2).'/docs/findings.md',
            $this->studio->run('inlaid:findings')[1],
            'bin/console inlaid:findings > docs/findings.md',
        );
    }

    public function testARevisionIsExportedAsItWas(): void
    {
        $id = $this->studio->recipe()->id;
        [, $first] = $this->studio->run('inlaid:recipe:export', ['id' => $id, '--revision' => '1']);
        self::assertEquals($this->studio->json('GET', "/api/recipes/$id/revisions/1")->document, Json::decode($first));
        [$code, $said] = $this->studio->run('inlaid:recipe:export', ['id' => $id, '--revision' => '9']);
        self::assertSame(1, $code);
        self::assertStringContainsString('No revision', $said);
        self::assertSame(1, $this->studio->run('inlaid:recipe:export', ['id' => 'nobody'])[0]);
    }

    public function testWhatIsWrongWithAFileIsSaidPlaceByPlaceAndNothingIsKept(): void
    {
        $document = $this->studio->recipe()->document;
        $document->steps[1]->coats = 0;
        $document->materials[0]->body->density = 'heavy';
        foreach (['inlaid:recipe:import', 'inlaid:preview'] as $command) {
            [$code, $said] = $this->studio->run($command, ['file' => $this->file(Json::encode($document))]);
            self::assertSame(1, $code);
            self::assertStringContainsString('/steps/1/coats: ', $said);
            self::assertStringContainsString('/materials/0/body/density: “heavy” isn', $said);
            self::assertStringContainsString('t JSON', $this->studio->run($command, ['file' => $this->file('{"title":')])[1]);
            self::assertStringContainsString('t read the file', $this->studio->run($command, ['file' => $this->folder.'/nothing'])[1]);
        }
        self::assertSame(7, $this->studio->json('GET', '/api/recipes')->total);
    }

    public function testTheContextOfAPreviewCanBeStatedInPart(): void
    {
        $file = $this->file(Json::encode($this->studio->recipe()->document));
        $context = $this->file('{"now": "2026-12-01T06:00:00Z", "climate": {"temperature": 15, "humidity": 60, "air": "moving"}}');
        [$code, $text] = $this->studio->run('inlaid:preview', ['file' => $file, '--context' => $context]);
        self::assertSame(0, $code);
        $worked = Json::object($text);
        self::assertSame(
            ['2026-12-01T06:00:00Z', 15, 'metric'],
            [$worked->context->now, $worked->context->climate->temperature, $worked->context->units],
        );
        self::assertSame(
            '2026-12-01T08:00:00+01:00',
            $worked->preview->plan->coats[0]->stretches[0]->start,
            'work begins at eight in the studio',
        );
        [$code, $said] = $this->studio->run('inlaid:preview', ['file' => $file, '--context' => $this->file('{"now": "soon"}')]);
        self::assertSame([1, "/now: Enter a time, for example 2026-11-24T08:00:00+01:00\n"], [$code, $said]);
        [$code, $again] = $this->studio->run('inlaid:preview', ['file' => $file, '--context' => $context]);
        self::assertSame($text, $again, 'the same question has the same answer to the last byte');
    }

    public function testTheDemoIsLoadedOnceAndLeavesWhatWasChanged(): void
    {
        $recipe = $this->studio->recipe();
        $recipe->document->title = 'Ticket rack, mine';
        $this->studio->json('PUT', "/api/recipes/$recipe->id/draft", ['version' => $recipe->version, 'document' => $recipe->document]);
        self::assertSame(0, $this->studio->run('inlaid:prepare')[0]);
        [$code, $said] = $this->studio->run('inlaid:demo:load');
        self::assertSame(0, $code);
        self::assertStringContainsString('was not loaded', $said);
        self::assertSame(7, $this->studio->json('GET', '/api/recipes')->total);
        self::assertSame('Ticket rack, mine', $this->studio->recipe()->document->title);
        self::assertSame([], glob($this->studio->store.'.before-migration-*'), 'nothing was to migrate, so nothing was copied');
    }

    /**
     * Two of the seven have a history with a lesson in it, and one has something to be minded.
     */
    public function testTheDemoStudioIsAsItShouldBe(): void
    {
        $recipes = $this->studio->json('GET', '/api/recipes')->recipes;
        self::assertCount(7, $recipes);
        self::assertCount(2, array_filter($recipes, static fn (\stdClass $r): bool => 2 === $r->head));
        $techniques = $remarks = [];
        foreach ($recipes as $recipe) {
            self::assertFalse($recipe->changed, 'the draft is the newest revision');
            $worked = $this->studio->json(
                'POST',
                '/api/preview',
                ['document' => $this->studio->json('GET', "/api/recipes/$recipe->id")->document],
            )->preview;
            self::assertNotNull($worked->plan->readyOn, $recipe->title);
            foreach ($worked->steps as $step) {
                $techniques[$step->technique] = true;
                array_push($remarks, ...array_map(static fn (\stdClass $r): string => $r->severity, $step->remarks));
            }
        }
        self::assertGreaterThanOrEqual(20, \count($techniques), 'the demo shows the breadth of the trade');
        self::assertNotContains('stop', $remarks);
        self::assertNotEmpty($this->studio->json('GET', '/api/recipes?query=iron')->recipes, 'the hooks are in it');
    }

    public function testOfNightlyCopiesTheLatestAreKept(): void
    {
        $folder = $this->folder.'/copies';
        mkdir($folder);
        foreach ([
            'studio-20250101-030000.sqlite',
            'studio-20250102-030000.sqlite',
            'studio-20250103-030000.sqlite',
            'mine.sqlite',
        ] as $former) {
            touch("$folder/$former");
        }
        self::assertSame(0, $this->studio->run('inlaid:backup', ['target' => $folder, '--keep' => '2'])[0]);
        $kept = array_map(basename(...), glob("$folder/*") ?: []);
        self::assertCount(3, $kept);
        self::assertSame(
            ['mine.sqlite', 'studio-20250103-030000.sqlite'],
            \array_slice($kept, 0, 2),
            'what is not a copy of its own is left alone',
        );
        array_map(unlink(...), glob("$folder/*") ?: []);
        rmdir($folder);
    }

    public function testABackupGoesNowhereItCannotAndARestoreTakesOnlyAStore(): void
    {
        [$code, $said] = $this->studio->run('inlaid:backup', ['target' => $this->folder.'/deep/down/copy']);
        self::assertSame(1, $code);
        self::assertStringContainsString('t write to the folder', $said);
        foreach (['no store at all', "SQLite format 3\0 but not really"] as $junk) {
            [$code, $said] = $this->studio->run('inlaid:restore', ['source' => $this->file($junk)]);
            self::assertSame(1, $code);
            self::assertStringContainsString('t a valid backup', $said);
        }
        $other = new \SQLite3($this->folder.'/other.sqlite');
        $other->exec('CREATE TABLE songs (title TEXT)');
        $other->close();
        self::assertSame(1, $this->studio->run('inlaid:restore', ['source' => $this->folder.'/other.sqlite'])[0]);
        self::assertStringContainsString('No file', $this->studio->run('inlaid:restore', ['source' => $this->folder.'/nothing'])[1]);
        self::assertSame(7, $this->studio->json('GET', '/api/recipes')->total);
        self::assertSame([], glob($this->studio->store.'.before-restore-*'));
    }

    private function file(string $text): string
    {
        $path = $this->folder.'/'.bin2hex(random_bytes(4));
        file_put_contents($path, $text);

        return $path;
    }
}
