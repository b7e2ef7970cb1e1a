<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\App\Exchange\Json;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * The preview, the small computations, and the door.
 */
final class ApiTest extends TestCase
{
    private const CONTEXT = ['now' => '2026-11-24T07:30:00+01:00'];
    private Studio $studio;

    protected function setUp(): void
    {
        $this->studio = Studio::open();
    }

    protected function tearDown(): void
    {
        $this->studio->close();
    }

    public function testTheCommandPrintsWhatTheServerAnswers(): void
    {
        $document = $this->studio->recipe()->document;
        $files = [];
        foreach (['document' => $document, 'context' => self::CONTEXT] as $name => $json) {
            file_put_contents($files[$name] = tempnam(sys_get_temp_dir(), 'inlaid') ?: '', Json::encode($json));
        }
        $answer = (string) $this->studio->ask('POST', '/api/preview', ['document' => $document, 'context' => self::CONTEXT])->getContent();
        self::assertSame([0, $answer], $this->studio->run('inlaid:preview', ['file' => $files['document'], '--context' => $files['context']]));
        [$code, $id] = $this->studio->run('inlaid:recipe:import', ['file' => $files['document']]);
        self::assertSame(0, $code);
        self::assertEquals($document, Json::decode($this->studio->run('inlaid:recipe:export', ['id' => trim($id)])[1]));
        file_put_contents($files['document'], '{"format": 3}');
        [$code, $said] = $this->studio->run('inlaid:recipe:import', ['file' => $files['document']]);
        self::assertSame(1, $code);
        self::assertStringContainsString('/format: This must be text.', $said);
        array_map(unlink(...), $files);
    }

    /**
     * More water: less paint in the cup, less film, and the plan follows warmer air.
     */
    public function testAnEditIsFollowedByEverything(): void
    {
        $document = $this->studio->recipe()->document;
        $preview = fn (array $context = []): \stdClass => $this->studio->json('POST', '/api/preview', ['document' => $document, 'context' => self::CONTEXT + $context])->preview;
        $before = $preview();
        $document->mixes[0]->parts[1]->share = '3';
        $after = $preview();
        self::assertLessThan($before->steps[3]->film->dry, $after->steps[3]->film->dry);
        self::assertLessThan($before->steps[3]->pour->cup->marks[0]->height, $after->steps[3]->pour->cup->marks[0]->height);
        self::assertLessThan($before->steps[3]->pour->cost, $after->steps[3]->pour->cost);
        self::assertSame('1 Platform Slate, chalk-type : 3 Water', $after->steps[3]->pour->words);
        $cold = $preview(['climate' => ['temperature' => 12, 'humidity' => 65, 'air' => 'still']]);
        self::assertGreaterThan($after->plan->readyOn, $cold->plan->readyOn);
    }

    public function testSmallComputations(): void
    {
        $document = $this->studio->recipe()->document;
        $mix = ['materials' => $document->materials, 'mixes' => $document->mixes, 'of' => ['mix' => 'wash']];
        $worked = $this->studio->json('POST', '/api/compute/mix', $mix + ['amount' => '150 ml']);
        self::assertSame(['50', '100'], array_map(static fn (\stdClass $l): string => $l->amount->exact, $worked->exact->lines));
        $all = $this->studio->json('POST', '/api/compute/mix', $mix + ['allOf' => ['material' => 'platform-slate', 'have' => '142 g']]);
        self::assertSame('300', $all->exact->yield->exact, '142 g at 1.42 g/ml are 100 ml');
        self::assertGreaterThanOrEqual(43.0, $this->studio->json('POST', '/api/compute/measures', $mix + ['need' => '43 ml'])->batch->yield->ml);
        $cup = ['name' => 'Cup', 'shape' => 'round', 'bottom' => 60, 'top' => 60, 'height' => 100];
        self::assertEqualsWithDelta(50.0, $this->studio->json('POST', '/api/compute/marks', ['cup' => $cup, 'pours' => [['name' => 'Paint', 'volume' => 141.371669]]])->marks[0]->height, 1e-4);
        $film = $this->studio->json('POST', '/api/compute/film', $mix + ['technique' => 'washed-wiped', 'area' => 1, 'coats' => 2]);
        self::assertEqualsWithDelta(1000 / 12 * 0.35 * 0.38 / 3, $film->film->dry, 1e-9);
        self::assertCount(2, $film->needs);
        self::assertSame(120, $this->studio->json('POST', '/api/compute/drying', $mix + ['context' => ['climate' => ['temperature' => 21, 'humidity' => 50, 'air' => 'still']]])->drying->recoat->predicted);
        self::assertCount(2, $this->studio->json('POST', '/api/compute/ratio', ['text' => '25 %', 'names' => ['paint', 'water']])->readings);
        foreach ([['ratio', ['text' => '1:0:0', 'names' => ['a', 'b', 'c']], '/text'], ['mix', $mix + ['amount' => '12 buckets'], '/amount'], ['mix', $mix + ['amount' => '12 g'], '/amount'], ['film', $mix + ['technique' => 'brushed', 'area' => -1, 'coats' => 1], '/area'], ['drying', $mix + ['context' => ['climate' => 3]], '/context/climate']] as [$what, $body, $pointer]) {
            self::assertSame($pointer, $this->studio->json('POST', "/api/compute/$what", $body, 422)->violations[0]->pointer, $what);
        }
    }

    public function testOwnMaterialsAndSettings(): void
    {
        $list = $this->studio->json('GET', '/api/materials?query=platform');
        $own = $list->materials[0]->material;
        $own->name = 'Mix-up Blue';
        $made = $this->studio->json('POST', '/api/materials', ['material' => $own], 201)->material;
        self::assertSame(['Mix-up Blue', 1], [$made->name, $made->version]);
        self::assertNotSame('platform-slate', $made->id);
        $this->studio->json('POST', "/api/materials/$made->id/archive");
        self::assertSame(1, $this->studio->json('GET', '/api/materials?archived=true')->total);
        $own->handling->times->recoat = 5;
        self::assertSame('/material/handling/times', $this->studio->json('POST', '/api/materials', ['material' => $own], 422)->violations[0]->pointer);
        $kept = $this->studio->json('GET', '/api/settings');
        $kept->settings->climate->temperature = 14;
        self::assertSame(2, $this->studio->json('PUT', '/api/settings', $kept)->version);
        $this->studio->json('PUT', '/api/settings', $kept, 409);
        $kept->version = 2;
        $kept->settings->hours->mon[0]->to = '07:00';
        self::assertSame('/settings/hours', $this->studio->json('PUT', '/api/settings', $kept, 422)->violations[0]->pointer);
        self::assertSame(14, $this->studio->json('GET', '/api/settings')->settings->climate->temperature);
    }

    public function testTheCatalogueCoversTheJobAndEverythingInItIsSound(): void
    {
        $materials = $this->studio->json('GET', '/api/materials')->materials;
        self::assertGreaterThanOrEqual(45, \count($materials));
        $schema = Json::decode((string) file_get_contents(\dirname(__DIR__, 2).'/docs/formats/material.schema.json'));
        \assert($schema instanceof \stdClass);
        unset($schema->{'$id'});
        foreach ($materials as $m) {
            self::assertTrue((new Validator())->validate($m->material, $schema)->isValid(), $m->material->id);
        }
        self::assertCount(16, array_unique(array_map(static fn (\stdClass $m): string => $m->material->kind, $materials)));
    }

    /**
     * @param array<string, string> $headers
     */
    #[TestWith(['GET', '/api/nowhere', [], '{}', 404])]
    #[TestWith(['GET', '/api/recipes/01UNKNOWN', [], '{}', 404])]
    #[TestWith(['GET', '/api/recipes/01UNKNOWN/revisions/7', [], '{}', 404])]
    #[TestWith(['DELETE', '/api/recipes', [], '{}', 405])]
    #[TestWith(['POST', '/api/preview', [], '{"document": ', 400])]
    #[TestWith(['POST', '/api/preview', [], '[]', 422])]
    #[TestWith(['POST', '/api/preview', [], '{"document": null}', 422])]
    #[TestWith(['POST', '/api/preview', ['Content-Type' => 'text/plain'], '{}', 415])]
    #[TestWith(['POST', '/api/preview', ['Host' => 'evil.example'], '{}', 403])]
    #[TestWith(['POST', '/api/preview', ['Origin' => 'http://evil.example'], '{}', 403])]
    #[TestWith(['GET', '/api/recipes?page=-3&query=%00%FF', [], '{}', 200])]
    #[TestWith(['GET', '/api/recipes?query[]=a', [], '{}', 400])]
    #[TestWith(['GET', '/api/recipes?page=99999999999999999999', [], '{}', 200])]
    public function testNothingAUserSendsIsA500(string $method, string $path, array $headers, string $body, int $status): void
    {
        $response = $this->studio->ask($method, $path, $body, $headers);
        self::assertSame($status, $response->getStatusCode(), (string) $response->getContent());
        if (200 !== $status) {
            self::assertSame('application/problem+json', $response->headers->get('Content-Type'));
        }
    }

    public function testTenMegabytesAreTooMuch(): void
    {
        self::assertSame('', $this->studio->json('POST', '/api/recipes', '"'.str_repeat('a', 10_000_000).'"', 413)->violations[0]->pointer);
        $document = $this->studio->recipe()->document;
        $document->summary = str_repeat('a', 1_900_000);
        self::assertSame('/document/summary', $this->studio->json('POST', '/api/recipes', ['document' => $document], 422)->violations[0]->pointer);
    }

    public function testTheDescriptionIsWholeAndSaysWhatTheFormatsSay(): void
    {
        $api = $this->studio->json('GET', '/api/openapi.json');
        $text = Json::encode($api);
        preg_match_all('~"#/components/schemas/(\w+)"~', $text, $m);
        foreach (array_unique($m[1]) as $name) {
            self::assertNotEmpty((array) ($api->components->schemas->$name ?? null), "The schema $name is empty.");
        }
        self::assertGreaterThan(20, \count((array) $api->paths));
        self::assertContains('readyOn', $api->components->schemas->PlanPreview->required);
    }

    public function testPagesAndHealth(): void
    {
        self::assertSame('well', $this->studio->json('GET', '/api/health')->status);
        $page = $this->studio->ask('GET', '/recipes/whatever');
        self::assertContains($page->getStatusCode(), [200, 503]);
        self::assertStringContainsString("default-src 'self'", (string) $page->headers->get('Content-Security-Policy'));
    }
}
