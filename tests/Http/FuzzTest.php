<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\App\Exchange\Json;
use Inlaid\App\Kernel;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;
use Symfony\Component\HttpFoundation\Request;

/**
 * Nonsense to every operation there is: none is a fault of the program, none takes long, and nothing is half stored. INLAID_FUZZ says how
 * many requests, INLAID_SEED which.
 */
final class FuzzTest extends TestCase
{
    use Randomly;

    private const VALUES = [
        null,
        true,
        false,
        0,
        -1,
        1,
        0.5,
        -0.0,
        1e308,
        -1e308,
        9_007_199_254_740_993,
        '',
        ' ',
        '0',
        '-1',
        '1/0',
        '1/3',
        '1e999',
        'NaN',
        "\u{202E}abc",
        "a\u{0}b",
        '../../etc/passwd',
        '<script>',
        '${x}',
        "' OR 1=1 --",
        '#aabbcc',
        '2026-02-30',
        '99999999999999999999',
        [],
        [[]],
        [null],
        ['x' => ['y' => []]],
    ];
    private const SLOWEST = 10.0;
    private Studio $studio;
    private Kernel $kernel;

    public function testNonsenseIsNoFaultOfTheProgram(): void
    {
        $this->studio = Studio::open();
        $this->kernel = $this->studio->kernel();
        $operations = LockTest::routes($this->studio);
        $ids = $this->ids();
        $bodies = $this->bodies();
        $faults = $slow = $statuses = [];
        $count = (int) (getenv('INLAID_FUZZ') ?: 700);
        $this->manyTimes(1, function () use ($operations, $ids, $bodies, $count, &$faults, &$slow, &$statuses): void {
            for ($i = 0; $i < $count; ++$i) {
                [$method, $path] = $operations[$this->int(0, \count($operations) - 1)];
                if (str_contains($path, '/api/lock') || 'PUT' === $method && '/api/bundles/studio' === $path) {
                    continue; // they have tests of their own
                }
                $path = (string) preg_replace_callback(
                    '#(?<=/)x(?=/|$)#',
                    fn (): string => $this->int(0, 4) > 0
                        ? $ids[$this->int(0, \count($ids) - 1)]
                        : rawurlencode((string) json_encode(self::VALUES[$this->int(0, \count(self::VALUES) - 1)])),
                    $path,
                );
                $query = 0 === $this->int(0, 2)
                    ? '?'.http_build_query([
                        [
                            'page',
                            'query',
                            'near',
                            'recipes',
                            'place',
                            'from',
                            'one',
                            'ids',
                            'kind',
                            'pot',
                        ][$this->int(0, 9)] => self::VALUES[$this->int(0, \count(self::VALUES) - 1)],
                    ])
                    : '';
                $body = 0 === $this->int(0, 9)
                    ? substr("\xff{\"a\":[[[{", 0, $this->int(0, 9))
                    : (string) json_encode(
                        $this->spoiled($bodies[$this->int(0, \count($bodies) - 1)], $this->int(0, 3)),
                        \JSON_PARTIAL_OUTPUT_ON_ERROR,
                    );
                $type = [
                    'application/json',
                    'application/json',
                    'application/json',
                    'image/png',
                    'application/zip',
                    'text/plain',
                ][$this->int(0, 5)];
                $begun = hrtime(true);
                $status = $this->ask($method, $path.$query, $body, $type);
                $took = (hrtime(true) - $begun) / 1e9;
                $statuses[intdiv($status, 100)] = ($statuses[intdiv($status, 100)] ?? 0) + 1;
                if ($status >= 500) {
                    $faults[] = "$status $method $path$query ".mb_substr(mb_scrub($body), 0, 300);
                }
                if ($took > self::SLOWEST) {
                    $slow[] = \sprintf('%.1f s %s %s', $took, $method, $path);
                }
            }
        });
        $this->kernel->shutdown();
        self::assertSame([[], []], [$faults, $slow]);
        self::assertGreaterThan($count / 3, $statuses[4] ?? 0, 'most of it is refused');
        $store = new \SQLite3($this->studio->store);
        self::assertSame('ok', $store->querySingle('PRAGMA integrity_check'));
        self::assertNull($store->querySingle('PRAGMA foreign_key_check'));
        foreach ([
            '/api/recipes',
            '/api/boards',
            '/api/runs',
            '/api/pots',
            '/api/stock',
            '/api/ledger',
            '/api/materials',
            '/api/settings',
            '/api/days.ics',
        ] as $path) {
            self::assertSame(200, $this->studio->ask('GET', $path)->getStatusCode(), "$path can still be read");
        }
        foreach ($this->studio->json('GET', '/api/recipes')->recipes as $recipe) {
            $this->studio->json('POST', '/api/preview', ['document' => $this->studio->json('GET', "/api/recipes/$recipe->id")->document]);
        }
        $this->studio->close();
    }

    private function ask(string $method, string $path, string $body, string $type): int
    {
        $request = Request::create(
            $path,
            $method,
            [],
            [],
            [],
            ['CONTENT_TYPE' => $type, 'HTTP_HOST' => 'localhost', 'REMOTE_ADDR' => '127.0.0.1'],
            $body,
        );
        $status = $this->kernel->handle($request)->getStatusCode();
        $this->kernel->shutdown(); // a fault closes what others would go on with
        $this->kernel->boot();

        return $status;
    }

    /**
     * @return list<string> of things there are
     */
    private function ids(): array
    {
        $ids = ['engine-green', 'water', 'sanded', 'x', 's1', 'A1'];
        foreach (['recipes', 'boards', 'runs', 'pots'] as $kind) {
            array_push($ids, ...array_map(strval(...), array_column($this->studio->json('GET', "/api/$kind")->{$kind}, 'id')));
        }

        return $ids;
    }

    /**
     * @return list<mixed> that some operation takes
     */
    private function bodies(): array
    {
        $recipe = $this->studio->recipe();
        $board = $this->studio->json('GET', '/api/boards/'.$this->studio->json('GET', '/api/boards')->boards[0]->id);
        $material = $this->studio->json('GET', '/api/materials')->materials[3]->material;
        $settings = $this->studio->json('GET', '/api/settings');
        $mix = [
            'materials' => $recipe->document->materials,
            'mixes' => $recipe->document->mixes,
            'of' => ['mix' => 'wash'],
            'amount' => '100 ml',
            'pot' => [['material' => 'water', 'amount' => '60 ml']],
            'holds' => [['material' => 'water', 'amount' => '60 ml']],
            'have' => [],
            'name' => 'Pot',
        ];
        $bodies = [
            [
                'document' => $recipe->document,
                'version' => $recipe->version,
                'context' => ['climate' => ['temperature' => 12, 'humidity' => 60, 'air' => 'still']],
            ],
            ['document' => $board->document, 'version' => $board->version],
            ['material' => $material, 'version' => 1],
            ['settings' => $settings->settings, 'version' => $settings->version],
            $mix,
            ['amount' => '20 ml', 'note' => 'x', 'count' => 2],
            ['add' => [['material' => 'water', 'amount' => '5 ml']], 'pourOff' => '5 ml', 'name' => 'Off'],
            ['from' => [['pot' => 'x', 'amount' => '1 ml']], 'name' => 'Pool'],
            ['recipe' => $recipe->id, 'version' => 1, 'finished' => false, 'lesson' => 'x', 'rating' => 3],
            ['events' => [
                ['id' => 'fuzz-1', 'at' => '2026-11-20T08:00:00Z', 'kind' => 'started', 'step' => 's1'],
                ['id' => 'fuzz-2', 'at' => '2026-11-20T08:00:00Z', 'kind' => 'retract', 'retracts' => 'fuzz-1'],
            ]],
            ['heat' => 20, 'fan' => true, 'context' => new \stdClass()],
            ['text' => "Name,Left,Unit\nWater,5,ml", 'patch' => 'A1', 'comment' => 'x', 'days' => 3, 'reason' => 'x'],
            ['grams' => 12.5, 'temperature' => 20, 'humidity' => 50],
        ];

        return array_map(static fn (array $b): mixed => Json::decode(Json::encode($b)), $bodies);
    }

    /** With so many places in it made nonsense. */
    private function spoiled(mixed $body, int $times): mixed
    {
        $body = Json::decode(Json::encode($body));
        for ($i = 0; $i < $times; ++$i) {
            $at = &$body;
            for ($depth = $this->int(1, 6); $depth > 0 && (\is_array($at) || $at instanceof \stdClass) && [] !== (array) $at; --$depth) {
                $keys = array_keys((array) $at);
                $key = $keys[$this->int(0, \count($keys) - 1)];
                if (\is_array($at)) {
                    $at = &$at[$key];
                } else {
                    $at = &$at->{$key};
                }
            }
            $at = self::VALUES[$this->int(0, \count(self::VALUES) - 1)];
            unset($at);
        }

        return $body;
    }
}
