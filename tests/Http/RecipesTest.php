<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\App\Exchange\Json;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Drafts, revisions, search, and what is refused.
 */
final class RecipesTest extends TestCase
{
    use Randomly;

    private Studio $studio;

    protected function setUp(): void
    {
        $this->studio = Studio::open();
    }

    protected function tearDown(): void
    {
        $this->studio->close();
    }

    public function testADraftIsSavedPublishedAndComparedInWords(): void
    {
        $opened = $this->studio->recipe();
        $document = $opened->document;
        $document->mixes[0]->parts[1]->share = '3';
        [$moved] = array_splice($document->steps, 4, 1);
        $document->steps[] = $moved;
        $saved = $this->studio->json('PUT', "/api/recipes/$opened->id/draft", ['version' => $opened->version, 'document' => $document]);
        self::assertSame($opened->version + 1, $saved->version);
        $published = $this->studio->json(
            'POST',
            "/api/recipes/$opened->id/revisions",
            ['version' => $saved->version, 'reason' => 'Thinner'],
            201,
        );
        self::assertSame([3, 'Thinner'], [$published->revisions[0]->number, $published->revisions[0]->reason]);
        $changes = array_map(
            static fn (\stdClass $c): string => $c->text,
            $this->studio->json('GET', "/api/recipes/$opened->id/compare?from=2&to=3")->changes,
        );
        self::assertSame([
            '“Pale lips” was moved from step 5 to step 7.',
            'Step 4, “Slate wash”: the material was 1 Platform Slate, chalk-type : 2 Water, now 1 Platform Slate, chalk-type : 3 Water.',
        ], $changes);
        $first = array_map(
            static fn (\stdClass $c): string => $c->text,
            $this->studio->json('GET', "/api/recipes/$opened->id/compare?from=1&to=2")->changes,
        );
        self::assertContains('“Cream undertone” was added as step 3, after “Remove dust”.', $first);
        self::assertContains('Step 4, “Slate wash”: coats was 1, now 2.', $first);
        self::assertSame([], $this->studio->json('GET', "/api/recipes/$opened->id/compare?from=3&to=draft")->changes);
        self::assertStringContainsString(
            'Nothing has changed',
            $this->studio->json(
                'POST',
                "/api/recipes/$opened->id/revisions",
                ['version' => $published->version, 'reason' => 'Again'],
                422,
            )->detail,
        );
    }

    public function testTheSecondToSaveIsToldAndNothingIsLost(): void
    {
        $opened = $this->studio->recipe();
        $mine = ['title' => 'Mine'] + (array) $opened->document;
        $theirs = ['title' => 'Theirs'] + (array) $opened->document;
        $this->studio->json('PUT', "/api/recipes/$opened->id/draft", ['version' => $opened->version, 'document' => $theirs]);
        $conflict = $this->studio->json('PUT', "/api/recipes/$opened->id/draft", ['version' => $opened->version, 'document' => $mine], 409);
        self::assertSame([$opened->version + 1, 'Theirs'], [$conflict->version, $conflict->newer->title]);
        $changes = $this->studio->json('POST', '/api/compute/compare', ['before' => $conflict->newer, 'after' => $mine])->changes;
        self::assertSame('The title was “Theirs”, now “Mine”.', $changes[0]->text);
        $this->studio->json('PUT', "/api/recipes/$opened->id/draft", ['version' => $conflict->version, 'document' => $mine]);
        self::assertSame('Mine', $this->studio->json('GET', "/api/recipes/$opened->id")->document->title);
        $this->studio->json('POST', "/api/recipes/$opened->id/revisions", ['version' => $opened->version, 'reason' => 'Stale'], 409);
    }

    public function testARevisionNeverChangesWhateverHappensOnTheShelf(): void
    {
        $opened = $this->studio->recipe();
        $before = $this->studio->ask('GET', "/api/recipes/$opened->id/revisions/1")->getContent();
        $material = array_values(array_filter(
            $opened->document->materials,
            static fn (\stdClass $m): bool => 'platform-slate' === $m->id,
        ))[0];
        $material->body->density = '1.5';
        self::assertSame(2, $this->studio->json('PUT', '/api/materials/platform-slate', ['material' => $material])->material->version);
        $this->studio->json('PUT', '/api/materials/platform-slate', ['material' => $material], 409);
        self::assertSame($before, $this->studio->ask('GET', "/api/recipes/$opened->id/revisions/1")->getContent());
    }

    public function testSearchDuplicateArchiveAndRestore(): void
    {
        $titles = fn (string $query): array => array_map(
            static fn (\stdClass $r): string => $r->title,
            $this->studio->json('GET', '/api/recipes?'.$query)->recipes,
        );
        self::assertCount(7, $titles(''));
        self::assertSame(['Lamp cupboard, engine green and gold'], $titles('query=gilded+larch'));
        self::assertSame(['Waiting-room settle, limed over grey'], $titles('query=LIMING'));
        self::assertSame([], $titles('query=velvet'));
        $id = $this->studio->recipe()->id;
        $copy = $this->studio->json('POST', "/api/recipes/$id/duplicate", null, 201);
        self::assertSame('Ticket rack, slate wash (copy)', $copy->document->title);
        self::assertSame([], $copy->revisions);
        $this->studio->json('POST', "/api/recipes/$id/archive");
        self::assertSame(['Ticket rack, slate wash (copy)'], $titles('query=ticket'));
        self::assertSame(['Ticket rack, slate wash'], $titles('query=ticket&archived=true'));
        $this->studio->json('POST', "/api/recipes/$id/restore");
        self::assertCount(2, $titles('query=ticket'));
    }

    /**
     * Thirty recipes on two pages, the last changed first, none twice, none left out; a search is paged the same.
     */
    /**
     * By the colour it will have: the nearest first, others left out; what was indexed before there was a colour gets one when the studio
     * is prepared.
     */
    public function testRecipesAreFoundByTheColourTheyWillHave(): void
    {
        $near = fn (string $hex, string $query = ''): array => array_map(
            static fn (\stdClass $r): string => $r->title,
            $this->studio->json('GET', '/api/recipes?'.http_build_query(['near' => $hex, 'query' => $query]))->recipes,
        );
        $all = $this->studio->json('GET', '/api/recipes')->recipes;
        foreach ($all as $recipe) {
            self::assertSame($recipe->title, $near($recipe->card->look->field)[0], 'nearest to itself');
        }
        self::assertSame('Platform stools, worn ochre', $near('#b87f2e')[0]);
        self::assertNotContains('Lamp cupboard, engine green and gold', $near('#b87f2e'));
        self::assertSame([], $near('#0000ff'));
        self::assertSame([], $near('#b87f2e', 'cupboard'), 'words and colour both');
        self::assertSame('/near', $this->studio->json('GET', '/api/recipes?near=ochre', null, 422)->violations[0]->pointer);
    }

    /**
     * By wood and by what colours them, with how many there are of each; the last used first, or by title.
     */
    public function testTheBookIsSortedAndFiltered(): void
    {
        $list = fn (array $query): \stdClass => $this->studio->json('GET', '/api/recipes?'.http_build_query($query));
        $titles = static fn (\stdClass $of): array => array_map(
            static fn (\stdClass $r): string => strtok($r->title, ',') ?: '',
            $of->recipes,
        );
        $facets = fn (string $query = ''): \stdClass => $this->studio->json('GET', "/api/recipe-facets$query");
        [$all, $told] = [$list([]), $facets()];
        foreach ([...$told->woods, ...$told->ways] as $facet) {
            $by = \in_array($facet, $told->woods, true) ? 'wood' : 'how';
            self::assertSame($facet->count, $list([$by => $facet->key])->total, "$by: $facet->name");
        }
        self::assertSame(7, $list(['wood' => ''])->total);
        self::assertSame(['Platform stools'], $titles($list(['wood' => 'beech'])));
        self::assertContains('Wash, wiped back', array_column($told->ways, 'name'));
        self::assertNotContains('Sanded', array_column($told->ways, 'name'), 'only what colours');
        self::assertSame(['Ticket rack'], $titles($list(['how' => 'washed-wiped', 'wood' => 'birch', 'query' => 'slate'])));
        self::assertSame([], $titles($list(['how' => 'washed-wiped', 'wood' => 'beech'])));
        $sorted = $titles($list(['order' => 'title']));
        $expected = $sorted;
        natcasesort($expected);
        self::assertSame(array_values($expected), $sorted);
        self::assertSame($titles($all), $titles($list(['order' => 'nonsense'])), 'the last changed first');
        $used = $list(['order' => 'used'])->recipes;
        $at = array_map(static fn (\stdClass $r): string => $r->usedAt ?? '', $used);
        $descending = $at;
        rsort($descending);
        self::assertSame($descending, $at, 'those that were never used come last');
        self::assertNotSame('', $at[0]);
        $id = $this->studio->recipe('stools')->id;
        $this->studio->json('POST', "/api/recipes/$id/archive");
        self::assertNotContains('beech', array_column($facets()->woods, 'key'));
        self::assertSame(['beech'], array_column($facets('?archived=true')->woods, 'key'));
    }

    public function testTheBookIsPaged(): void
    {
        $document = $this->studio->recipe()->document;
        for ($i = 1; $i <= 23; ++$i) {
            $document->title = "Board $i";
            $this->studio->json('POST', '/api/recipes', ['document' => $document], 201);
        }
        [$first, $second, $third] = array_map(
            fn (int $page): \stdClass => $this->studio->json('GET', "/api/recipes?page=$page"),
            [1, 2, 3],
        );
        self::assertSame([30, 24, 6, 0], [$first->total, \count($first->recipes), \count($second->recipes), \count($third->recipes)]);
        self::assertSame('Board 23', $first->recipes[0]->title);
        $all = [...$first->recipes, ...$second->recipes];
        self::assertCount(30, array_unique(array_map(static fn (\stdClass $r): string => $r->id, $all)));
        for ($i = 1; $i < 30; ++$i) {
            self::assertLessThanOrEqual(strtotime($all[$i - 1]->updatedAt), strtotime($all[$i]->updatedAt));
        }
        self::assertSame(23, $this->studio->json('GET', '/api/recipes?query=board+birch')->total);
    }

    public function testAnArchivedRecipeIsStillReadAndItsRevisionsStay(): void
    {
        $opened = $this->studio->recipe('stools');
        $this->studio->json('POST', "/api/recipes/$opened->id/archive");
        $away = $this->studio->json('GET', "/api/recipes/$opened->id");
        self::assertTrue($away->archived);
        self::assertCount(2, $away->revisions);
        self::assertNotEmpty($this->studio->json('GET', "/api/recipes/$opened->id/revisions/2")->document->steps);
        foreach (['archive', 'restore', 'duplicate'] as $act) {
            $this->studio->json('POST', "/api/recipes/01NOBODY/$act", null, 404);
        }
        $this->studio->json('PUT', '/api/recipes/01NOBODY/draft', ['version' => 1, 'document' => $opened->document], 404);
        foreach (['from=9&to=1', 'from=1&to=99'] as $query) {
            $this->studio->json('GET', "/api/recipes/$opened->id/compare?$query", null, 404);
        }
        $this->studio->json('GET', "/api/recipes/$opened->id/compare?from=first", null, 400);
        self::assertSame(
            422,
            $this->studio->ask(
                'POST',
                "/api/recipes/$opened->id/revisions",
                ['version' => $opened->version, 'reason' => '  '],
            )->getStatusCode(),
        );
        self::assertSame(
            422,
            $this->studio->ask(
                'POST',
                "/api/recipes/$opened->id/revisions",
                ['version' => $opened->version, 'reason' => str_repeat('x', 301)],
            )->getStatusCode(),
        );
    }

    /**
     * @return iterable<string, array{\Closure(\stdClass): mixed, string, string}>
     */
    public static function nonsense(): iterable
    {
        yield 'unknown field' => [static fn (\stdClass $d) => $d->steps[2]->colour = 'red', '/document/steps/2/colour', 'Unknown field'];
        yield 'wrong unit' => [
            static fn (\stdClass $d) => $d->materials[0]->packs[0]->unit = 'pints',
            '/document/materials/0/packs/0/unit',
            'ml or g',
        ];
        yield 'missing material' => [
            static fn (\stdClass $d) => $d->steps[2]->uses->material = 'fog',
            '/document/steps/2/uses/material',
            'no material “fog”',
        ];
        yield 'missing part' => [static fn (\stdClass $d) => $d->steps[2]->parts = ['lid'], '/document/steps/2/parts/0', 'o part “lid”'];
        yield 'negative part' => [
            static fn (\stdClass $d) => $d->mixes[0]->parts[1]->share = '-3',
            '/document/mixes/0/parts/1/share',
            'can\'t be negative',
        ];
        yield 'number for an exact one' => [
            static fn (\stdClass $d) => $d->mixes[0]->parts[1]->share = 3,
            '/document/mixes/0/parts/1/share',
            'exact number as text',
        ];
        yield 'mix in itself' => [
            static fn (\stdClass $d) => $d->mixes[0]->parts[1]->of = (object) ['mix' => $d->mixes[0]->id],
            '/document/mixes/0',
            'contain itself',
        ];
        yield 'no such technique' => [
            static fn (\stdClass $d) => $d->steps[0]->technique = 'flung',
            '/document/steps/0/technique',
            'Unknown technique',
        ];
        yield 'material where none goes' => [
            static fn (\stdClass $d) => $d->steps[0]->uses = (object) ['material' => 'water'],
            '/document/steps/0/uses',
            'takes no material',
        ];
        yield 'step twice' => [static fn (\stdClass $d) => $d->steps[1]->id = $d->steps[0]->id, '/document/steps/1/id', 'twice'];
        yield '500 steps' => [
            static fn (\stdClass $d) => $d->steps = array_map(
                static fn (int $i): \stdClass => (object) (['id' => "x$i"] + (array) $d->steps[0]),
                range(1, 500),
            ),
            '/document/steps',
            'Maximum 200',
        ];
        yield 'too long a note' => [
            static fn (\stdClass $d) => $d->steps[3]->note = str_repeat('a', 3000),
            '/document/steps/3/note',
            'Maximum 2000',
        ];
        yield 'no piece' => [static function (\stdClass $d): void { unset($d->piece); }, '/document/piece', 'Missing'];
        yield 'area of nothing' => [static fn (\stdClass $d) => $d->piece->parts[0]->area = 0, '/document/piece/parts/0/area', 'above 0'];
        yield 'neither area nor shape' => [
            static function (\stdClass $d): void { unset($d->piece->parts[0]->area); },
            '/document/piece/parts/0/area',
            'either an area or a shape',
        ];
        yield 'area and shape' => [
            static fn (\stdClass $d) => $d->piece->parts[0]->shape = self::door(),
            '/document/piece/parts/0/area',
            'either an area or a shape',
        ];
        yield 'a shape nobody turns' => [self::shaped(['kind' => 'blob']), '/document/piece/parts/0/shape/kind', 'No shape “blob”'];
        yield 'a size that is missing' => [
            self::shaped(['size' => ['length' => 600, 'width' => 400]]),
            '/document/piece/parts/0/shape/size/thickness',
            'Missing',
        ];
        yield 'a size of another shape' => [
            self::shaped(['size' => ['length' => 600, 'width' => 400, 'thickness' => 19, 'diameter' => 4]]),
            '/document/piece/parts/0/shape/size/diameter',
            'Unknown field',
        ];
        yield 'a board as thin as nothing' => [
            self::shaped(['size' => ['length' => 600, 'width' => 400, 'thickness' => 0]]),
            '/document/piece/parts/0/shape',
            'between 1 and 20000 mm',
        ];
        yield 'no face at all' => [self::shaped(['faces' => []]), '/document/piece/parts/0/shape', 'at least one coated face'];
        yield 'a face of another shape' => [self::shaped(['faces' => ['profile']]), '/document/piece/parts/0/shape', 'No face “profile”'];
        yield 'a step on a face left bare' => [
            static fn (\stdClass $d) => $d->steps[2]->parts = ['case:reverse'],
            '/document/steps/2/parts/0',
            'no part “case:reverse”',
        ];
        yield 'an answer no test gives' => [
            static fn (\stdClass $d) => $d->piece->parts[0]->tests = (object) ['water' => 'burns'],
            '/document/piece/parts/0/tests/water',
            'No answer to the test “burns”',
        ];
        yield 'a test nobody makes' => [
            static fn (\stdClass $d) => $d->piece->parts[0]->tests = (object) ['moon' => 'full'],
            '/document/piece/parts/0/tests/moon',
            'No test “moon”',
        ];
        yield 'veneer as thick as a board' => [
            static fn (\stdClass $d) => $d->piece->parts[0]->substrate->veneer = 20,
            '/document/piece/parts/0/substrate',
            'between 0.1 and 6 mm',
        ];
        yield 'a finish nobody lays' => [
            static fn (\stdClass $d) => $d->piece->parts[0]->finish = (object) ['kind' => 'honey'],
            '/document/piece/parts/0/finish/kind',
            'one of: bare, oiled',
        ];
        yield 'a fault nobody has' => [
            static fn (\stdClass $d) => $d->piece->parts[0]->faults = ['sadness'],
            '/document/piece/parts/0/faults/0',
            'one of: lifting-veneer',
        ];
        yield 'a joint of a part that is not there' => [
            static fn (\stdClass $d) => $d->piece->joints = [self::joint('lid')],
            '/document/piece/joints',
            'o part “lid”',
        ];
        yield 'a joint without clearance' => [
            static fn (\stdClass $d) => $d->piece->joints = [['clearance' => -1] + self::joint('case')],
            '/document/piece/joints/0/clearance',
            'between 0 and 50 mm',
        ];
        yield 'a joint against itself' => [
            static fn (\stdClass $d) => $d->piece->joints = [
                ['fixed' => ['part' => 'holes', 'face' => 'whole', 'coated' => true]] + self::joint('case'),
            ],
            '/document/piece/joints/0/clearance',
            'two different parts',
        ];
        yield 'a place on the moon' => [
            static fn (\stdClass $d) => $d->piece->use = (object) ['place' => 'moon'],
            '/document/piece/use/place',
            'one of: dry, wet',
        ];
        yield 'list for an object' => [
            static fn (\stdClass $d) => $d->piece->parts[0]->substrate = [],
            '/document/piece/parts/0/substrate',
            'Must be an object',
        ];
        yield 'newer format' => [static fn (\stdClass $d) => $d->version = 9, '/document/version', 'newer version'];
        yield 'school nobody holds' => [
            static fn (\stdClass $d) => $d->schools = (object) ['last-grit' => '5'],
            '/document/schools/last-grit',
            't an option of',
        ];
    }

    /**
     * @param array<string, mixed> $change
     */
    private static function shaped(array $change): \Closure
    {
        return static function (\stdClass $d) use ($change): void {
            unset($d->piece->parts[0]->area);
            $d->piece->parts[0]->shape = $change + self::door();
        };
    }

    /**
     * @return array<string, mixed>
     */
    private static function door(): array
    {
        return ['kind' => 'door', 'size' => ['length' => 600, 'width' => 400, 'thickness' => 19], 'faces' => ['face', 'reverse']];
    }

    /**
     * @return array<string, mixed>
     */
    private static function joint(string $fixed): array
    {
        return [
            'id' => 'j',
            'name' => 'Holes in the case',
            'kind' => 'drawer',
            'moving' => ['part' => 'holes', 'face' => 'whole', 'coated' => true],
            'fixed' => ['part' => $fixed, 'face' => 'whole', 'coated' => true],
            'clearance' => 1.5,
        ];
    }

    /**
     * @param \Closure(\stdClass): mixed $spoil
     */
    #[DataProvider('nonsense')]
    public function testNonsenseIsRefusedAtItsPlaceAndNothingIsStored(\Closure $spoil, string $pointer, string $says): void
    {
        $opened = $this->studio->recipe();
        $before = Json::encode($opened);
        $document = Json::object(Json::encode($opened->document));
        $spoil($document);
        foreach ([
            ['PUT', "/api/recipes/$opened->id/draft", ['version' => $opened->version, 'document' => $document]],
            ['POST', '/api/preview', ['document' => $document]],
            ['POST', '/api/recipes', ['document' => $document]],
        ] as [$method, $path, $body]) {
            $response = $this->studio->ask($method, $path, $body);
            self::assertSame([422, 'application/problem+json'], [$response->getStatusCode(), $response->headers->get('Content-Type')]);
            $problem = Json::object((string) $response->getContent());
            $messages = array_column($problem->violations, 'message', 'pointer');
            self::assertArrayHasKey($pointer, $messages, (string) $response->getContent());
            self::assertStringContainsString($says, $messages[$pointer]);
        }
        self::assertSame($before, Json::encode($this->studio->recipe()));
        self::assertSame(7, $this->studio->json('GET', '/api/recipes')->total);
    }

    public function testEveryPlaceIsNamedAtOnce(): void
    {
        $document = $this->studio->recipe()->document;
        $document->steps[0]->coats = 0;
        $document->steps[3]->dwell = 'long';
        $document->materials[1]->look->colour = 'grey';
        $found = array_column($this->studio->json('POST', '/api/preview', ['document' => $document], 422)->violations, 'pointer');
        self::assertContains('/document/steps/0/coats', $found);
        self::assertContains('/document/steps/3/dwell', $found);
        self::assertContains('/document/materials/1/look/colour', $found);
    }

    /**
     * Whatever is put in the place of any one value, the answer is figures or a complaint, never our own fault.
     */
    public function testNoJunkAnywhereIsOurFault(): void
    {
        $recipe = $this->studio->recipe('cupboard')->document;
        $settings = $this->studio->json('GET', '/api/settings')->settings;
        $material = $this->studio->json('GET', '/api/materials?query=milk')->materials[0]->material;
        $kinds = [
            ['/api/preview', Json::encode(['document' => $recipe]), 160],
            [
                '/api/preview',
                Json::encode(['document' => $recipe, 'context' => ['now' => '2026-11-24T08:00:00+01:00'] + (array) $settings]),
                120,
            ],
            ['/api/materials', Json::encode(['material' => $material]), 100],
            [
                '/api/compute/mix',
                Json::encode([
                    'materials' => $recipe->materials,
                    'mixes' => $recipe->mixes,
                    'of' => ['mix' => 'glaze'],
                    'amount' => '120 ml',
                ]),
                100,
            ],
        ];
        foreach ($kinds as [$path, $text, $times]) {
            $seen = [];
            $this->manyTimes($times, function () use ($path, $text, &$seen): void {
                $body = $this->withJunkSomewhere($text);
                $status = $this->studio->ask('POST', $path, $body)->getStatusCode();
                $seen[$status < 300 ? 'taken' : 'refused'] = true;
                self::assertContains($status, [200, 201, 422], "$path: $body");
            });
            self::assertCount(2, $seen, "$path never took or never refused anything");
        }
    }

    private function withJunkSomewhere(string $text): string
    {
        $junk = [
            null,
            true,
            0,
            -1,
            1e300,
            -0.0001,
            1e-300,
            99999999999,
            '',
            '0',
            '-1',
            '1/0',
            '1/3',
            '99999999999999999999999',
            '½',
            "\u{0}",
            str_repeat('x', 300),
            '#12345',
            [],
            [[]],
            new \stdClass(),
            ['a'],
            'smoke',
            'glaze',
            'overnight',
            '24:00',
            'Mars/Olympus',
        ];
        $document = Json::decode($text);
        $at = &$document;
        for ($depth = $this->int(1, 7); $depth > 0; --$depth) {
            $keys = \is_object($at) ? array_keys(get_object_vars($at)) : (\is_array($at) ? array_keys($at) : []);
            if ([] === $keys) {
                break;
            }
            $key = $keys[$this->int(0, \count($keys) - 1)];
            if (\is_object($at)) {
                $at = &$at->{$key};
            } else {
                $at = &$at[$key];
            }
        }
        $at = $junk[$this->int(0, \count($junk) - 1)];
        unset($at);

        return Json::encode($document);
    }
}
