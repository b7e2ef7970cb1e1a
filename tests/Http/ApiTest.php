<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\App\Exchange\Json;
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
        self::assertSame(
            [0, $answer],
            $this->studio->run('inlaid:preview', ['file' => $files['document'], '--context' => $files['context']]),
        );
        [$code, $id] = $this->studio->run('inlaid:recipe:import', ['file' => $files['document']]);
        self::assertSame(0, $code);
        self::assertEquals($document, Json::decode($this->studio->run('inlaid:recipe:export', ['id' => trim($id)])[1]));
        file_put_contents($files['document'], '{"format": 3}');
        [$code, $said] = $this->studio->run('inlaid:recipe:import', ['file' => $files['document']]);
        self::assertSame(1, $code);
        self::assertStringContainsString('/format: Enter text', $said);
        array_map(unlink(...), $files);
    }

    /**
     * More water: less paint in the cup, less film, and the plan follows warmer air.
     */
    public function testAnEditIsFollowedByEverything(): void
    {
        $document = $this->studio->recipe()->document;
        $preview = fn (array $context = []): \stdClass => $this->studio->json(
            'POST',
            '/api/preview',
            ['document' => $document, 'context' => self::CONTEXT + $context],
        )->preview;
        $before = $preview();
        $document->mixes[0]->parts[1]->share = '3';
        $after = $preview();
        self::assertLessThan($before->steps[3]->film->dry, $after->steps[3]->film->dry);
        $mark = static fn (\stdClass $p): float => $p->steps[3]->pour->mixes[0]->cup->marks[0]->height;
        self::assertLessThan($mark($before), $mark($after));
        self::assertLessThan($before->steps[3]->pour->cost, $after->steps[3]->pour->cost);
        self::assertSame('1 Platform Slate, chalk-type : 3 Water', $after->steps[3]->pour->words);
        $cold = $preview(['climate' => ['temperature' => 12, 'humidity' => 65, 'air' => 'still']]);
        self::assertGreaterThan($after->plan->readyOn, $cold->plan->readyOn);
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
    #[TestWith(['GET', '/api/recipes?near=%ff%fe', [], '{}', 422])]
    #[TestWith(['GET', '/api/hygrometer?place=%ff', [], '{}', 200])]
    #[TestWith(['GET', '/api/shopping?recipes=%ff', [], '{}', 404])]
    #[TestWith(['GET', '/api/recipes/%ff', [], '{}', 404])]
    #[TestWith(['GET', '/api/recipes/a%00b', [], '{}', 404])]
    #[TestWith(['FOO', '/api/recipes', [], '{}', 405])]
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
        self::assertSame(
            '/document/summary',
            $this->studio->json('POST', '/api/recipes', ['document' => $document], 422)->violations[0]->pointer,
        );
    }

    /**
     * The largest recipe there may be, on twelve parts of which none is like another, at a minute of work a week: it is worked out, and
     * says that it would never be done. On the bench it makes no room fail.
     */
    public function testTheLargestRecipeIsAnsweredInTime(): void
    {
        $document = $this->studio->recipe('cupboard')->document;
        $step = (array) $document->steps[4];
        $document->steps = array_map(static fn (int $i): array => ['id' => "q$i", 'coats' => 50, 'handsOn' => 2880] + $step, range(1, 200));
        $part = Json::encode($document->piece->parts[0]);
        foreach (range(1, 12) as $i) {
            $document->piece->parts[$i - 1] = $other = Json::object($part);
            [$other->id, $other->name, $other->substrate->colour] = ["p$i", "Part $i", \sprintf('#%02xd3b3', 0x60 + $i)];
        }
        $document->piece->joints = [];
        $worked = $this->studio->json(
            'POST',
            '/api/preview',
            ['document' => $document, 'context' => self::CONTEXT + ['hours' => ['mon' => [['from' => '08:00', 'to' => '08:01']]]]],
        )->preview;
        self::assertNull($worked->plan->readyOn);
        self::assertStringContainsString('would take more than 10 years', $worked->plan->stuck);
        self::assertCount(200, $worked->steps);
        self::assertGreaterThan(100_000, $worked->steps[199]->pour->need->ml * 200);
        self::assertCount(12, $worked->stacks);
        $recipe = $this->studio->json('POST', '/api/recipes', ['document' => $document], 201);
        $run = $this->studio->json('POST', '/api/runs', ['recipe' => $recipe->id], 201);
        $this->studio->patience = 1;
        $days = $this->studio->json('POST', '/api/compute/days');
        self::assertFalse($days->complete);
        $works = array_count_values(array_map(static fn (\stdClass $w): string => $w->piece, $days->works));
        self::assertGreaterThan(100, $works[$run->id], 'as far as ten years go');
        foreach ($days->pieces as $piece) {
            self::assertSame($piece->id === $run->id, null !== $piece->stuck, 'the others are planned to their end');
            self::assertSame($piece->id === $run->id, null === $piece->ready);
        }
        self::assertGreaterThan(1, \count($works));
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
