<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\Lock\Guesser;
use Inlaid\App\Store\Lock\SlowDown;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Response;

/**
 * The passphrase: asked for beyond this machine, never on it.
 */
final class LockTest extends TestCase
{
    private const PASSPHRASE = 'green lime wash 7';
    private const FEED = '/feed/xxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxx.ics';
    /** Values for the parts of an address that are not any text. */
    private const PARTS = ['{what}' => 'studio', '{format}' => 'csv', '{number}' => '1', '/feed/{secret}.ics' => self::FEED];
    private Studio $studio;

    protected function setUp(): void
    {
        $this->studio = Studio::open();
    }

    protected function tearDown(): void
    {
        $this->studio->close();
    }

    public function testOnThisMachineAloneNothingIsAsked(): void
    {
        self::assertEquals(
            ['needed' => false, 'open' => true],
            array_intersect_key((array) $this->studio->json('GET', '/api/lock'), ['needed' => 1, 'open' => 1]),
        );
        $this->studio->json('GET', '/api/recipes');
        $this->studio->json('POST', '/api/lock', ['passphrase' => self::PASSPHRASE], 409);
    }

    /**
     * Nothing but what must be: asked of every route there is, so that a new one cannot be forgotten. {@see DoorsTest} asks them in other
     * words.
     */
    public function testBeyondThisMachineEveryAddressOfTheStudioIsShut(): void
    {
        $this->serveToOthers();
        $answers = [];
        foreach (self::routes($this->studio) as [$method, $path]) {
            $answers["$method $path"] = $this->ask($method, $path)->getStatusCode();
        }
        $open = array_keys(array_filter($answers, static fn (int $status): bool => 401 !== $status));
        sort($open);
        self::assertSame(
            [
                'GET /api/choose/x',
                'GET /api/health',
                'GET /api/lock',
                'GET /api/looks/x',
                'GET /api/looks/x/patches/x/photos/1',
                'GET /choose/x',
                'GET '.self::FEED,
                'GET /look/x',
                'GET /x',
                'POST /api/choose/x/choice',
                'POST /api/lock',
                'POST /api/looks/x/choice',
            ],
            $open,
        );
        self::assertGreaterThan(100, \count($answers));
    }

    /** Whoever says in the request's head that he is this machine. */
    #[TestWith(['192.168.1.7', ''])]
    #[TestWith(['2001:db8::1', ''])]
    #[TestWith(['127.0.0.1', 'studio.local'])]
    public function testAFalseHostDoesNotOpenIt(string $from, string $hosts): void
    {
        [$this->studio->askedFrom, $this->studio->hosts] = [$from, $hosts];
        self::assertSame(401, $this->ask('GET', '/api/recipes')->getStatusCode());
    }

    public function testWithoutAPassphraseNobodyGetsIn(): void
    {
        $this->studio->hosts = 'studio.local';
        self::assertSame(503, $this->ask('POST', '/api/lock', ['passphrase' => self::PASSPHRASE])->getStatusCode());
    }

    public function testADeviceGivesItOnceAndIsInUntilItLeaves(): void
    {
        $this->serveToOthers();
        $wrong = $this->ask('POST', '/api/lock', ['passphrase' => 'green lime wash 8']);
        self::assertSame([422, '/passphrase'], [$wrong->getStatusCode(), self::first($wrong)]);
        self::assertSame([], $wrong->headers->getCookies());

        $cookie = $this->enter();
        self::assertSame(
            [true, 'strict', true, '/', null],
            [$cookie->isHttpOnly(), $cookie->getSameSite(), $cookie->isSecure(), $cookie->getPath(), $cookie->getDomain()],
        );
        $mine = [$cookie->getName() => (string) $cookie->getValue()];
        self::assertSame(200, $this->ask('GET', '/api/recipes', null, [], $mine)->getStatusCode());
        self::assertSame(
            401,
            $this->ask('GET', '/api/recipes', null, [], [$cookie->getName() => strrev((string) $cookie->getValue())])->getStatusCode(),
        );
        self::assertSame(403, $this->ask('GET', '/api/recipes', null, ['Origin' => 'https://elsewhere.example'], $mine)->getStatusCode());
        self::assertStringNotContainsString(
            (string) $cookie->getValue(),
            (string) file_get_contents($this->studio->store),
            'only its hash is kept',
        );

        $other = $this->enter();
        self::assertSame(2, self::json($this->ask('GET', '/api/lock', null, [], $mine))->devices);
        self::assertSame(200, $this->ask('DELETE', '/api/lock', null, [], $mine)->getStatusCode());
        self::assertSame(401, $this->ask('GET', '/api/recipes', null, [], $mine)->getStatusCode());
        self::assertSame(
            200,
            $this->ask('GET', '/api/recipes', null, [], [$other->getName() => (string) $other->getValue()])->getStatusCode(),
        );
    }

    public function testAChangedPassphraseIsAskedOfAllOtherDevices(): void
    {
        $this->serveToOthers();
        [$mine, $other] = array_map(fn (): array => [($c = $this->enter())->getName() => (string) $c->getValue()], [1, 2]);
        self::assertSame(
            '/passphrase',
            self::first($this->ask(
                'PUT',
                '/api/lock',
                ['passphrase' => 'not the passphrase', 'next' => 'four other plain words'],
                [],
                $mine,
            )),
        );
        self::assertSame(
            '/next',
            self::first($this->ask('PUT', '/api/lock', ['passphrase' => self::PASSPHRASE, 'next' => 'too short'], [], $mine)),
        );
        $changed = $this->ask('PUT', '/api/lock', ['passphrase' => self::PASSPHRASE, 'next' => 'four other plain words'], [], $mine);
        self::assertSame(200, $changed->getStatusCode());
        $new = $changed->headers->getCookies()[0];
        self::assertSame(
            [401, 401, 200],
            array_map(
                fn (array $c): int => $this->ask('GET', '/api/recipes', null, [], $c)->getStatusCode(),
                [$mine, $other, [$new->getName() => (string) $new->getValue()]],
            ),
        );
        self::assertSame(422, $this->ask('POST', '/api/lock', ['passphrase' => self::PASSPHRASE])->getStatusCode());
    }

    public function testADeviceThatWasNotUsedForAMonthGivesItAgain(): void
    {
        $this->serveToOthers();
        $mine = [($c = $this->enter())->getName() => (string) $c->getValue()];
        $this->store("UPDATE studio_key SET used_at = datetime('now', '-29 days')");
        self::assertSame(200, $this->ask('GET', '/api/recipes', null, [], $mine)->getStatusCode());
        $this->store("UPDATE studio_key SET used_at = datetime('now', '-31 days')");
        self::assertSame(401, $this->ask('GET', '/api/recipes', null, [], $mine)->getStatusCode());
    }

    public function testWhoGuessesWaitsLongerAndLonger(): void
    {
        $this->serveToOthers();
        for ($i = 0; $i < 4; ++$i) {
            self::assertSame(422, $this->ask('POST', '/api/lock', ['passphrase' => "a guess at it $i"])->getStatusCode());
        }
        $waits = $this->ask('POST', '/api/lock', ['passphrase' => self::PASSPHRASE]);
        self::assertSame(429, $waits->getStatusCode(), 'even the right one waits, or guessing would be free');
        self::assertSame('1', $waits->headers->get('Retry-After'));
        $this->studio->askedFrom = '192.168.1.9';
        self::assertSame(422, $this->ask('POST', '/api/lock', ['passphrase' => 'a guess from another place'])->getStatusCode());
        $this->studio->askedFrom = '127.0.0.1';
        $this->store("UPDATE wrong_tries SET last_at = datetime('now', '-2 seconds')");
        $this->enter();
        self::assertSame(
            422,
            $this->ask('POST', '/api/lock', ['passphrase' => 'a slip of the finger'])->getStatusCode(),
            'what was wrong before is forgotten',
        );
    }

    public function testGuessesFromManyPlacesDoNotKeepTheOwnerOut(): void
    {
        $this->serveToOthers();
        $answer = $this->ask('POST', '/api/lock', ['passphrase' => self::PASSPHRASE]);
        $cookies = array_column(
            array_map(static fn (Cookie $c): array => [$c->getName(), (string) $c->getValue()], $answer->headers->getCookies()),
            1,
            0,
        );
        self::assertSame(['inlaid-studio', 'inlaid-known'], array_keys($cookies));
        $known = ['inlaid-known' => $cookies['inlaid-known']];
        $this->ask('DELETE', '/api/lock', null, [], $cookies);
        self::assertSame(401, $this->ask('GET', '/api/recipes', null, [], $known)->getStatusCode(), 'known is not let in');

        for ($i = 1; $i <= 45; ++$i) {
            $this->studio->askedFrom = "10.0.0.$i";
            $statuses[] = $this->ask('POST', '/api/lock', ['passphrase' => "a guess from place $i"])->getStatusCode();
        }
        self::assertContains(429, $statuses, 'guesses from everywhere slow each other down');
        $this->studio->askedFrom = '10.0.0.99';
        // half a minute, however slow this is
        $guessesGoOn = fn () => $this->store("UPDATE wrong_tries SET count = 1000, last_at = datetime('now') WHERE place = 'anywhere'");
        $guessesGoOn();
        self::assertSame(
            429,
            $this->ask('POST', '/api/lock', ['passphrase' => self::PASSPHRASE])->getStatusCode(),
            'a device nobody knows waits with them',
        );
        $in = $this->ask('POST', '/api/lock', ['passphrase' => self::PASSPHRASE], [], $known);
        self::assertSame(
            [200, ['inlaid-studio']],
            [$in->getStatusCode(), array_map(static fn (Cookie $c): string => $c->getName(), $in->headers->getCookies())],
        );

        $guesses = array_map(
            fn (int $i): int => $this->ask('POST', '/api/lock', ['passphrase' => "a guess by a thief $i"], [], $known)->getStatusCode(),
            range(1, 4),
        );
        self::assertSame([422, 422, 422, 422], $guesses);
        $this->store("UPDATE wrong_tries SET count = count + 9, last_at = datetime('now') WHERE place <> 'anywhere' AND count = 4");
        self::assertSame(
            429,
            $this->ask('POST', '/api/lock', ['passphrase' => 'a guess by a thief 5'], [], $known)->getStatusCode(),
            'whoever steals a known device guesses as slowly as anybody',
        );
        $this->store("UPDATE studio_key SET used_at = datetime('now', '-401 days') WHERE holder = 'known'");
        $guessesGoOn();
        self::assertSame(
            429,
            $this->ask('POST', '/api/lock', ['passphrase' => self::PASSPHRASE], [], $known)->getStatusCode(),
            'after a year it is like any other',
        );
    }

    /** @param list<string> $one addresses of one place; the last of another */
    #[TestWith([['192.168.1.7', '::ffff:192.168.1.7', '192.168.1.8']])]
    #[TestWith([['10.1.2.3', '10.1.2.4']])]
    #[TestWith([['fe80::1', 'fe80::1%eth0', 'fe80::2']])]
    #[TestWith([['fd12:3456::1', 'fd12:3456::2']])]
    #[TestWith([['2a02:1:2:3::1', '2a02:1:2:3:ffff::9', '2a02:1:2:4::1']])]
    #[TestWith([['8.8.4.4', '8.8.4.5']])]
    #[TestWith([['', 'no address']])]
    public function testMachinesOfANetworkCountSinglyAndHousesBeyondItOnce(array $one): void
    {
        $places = array_map(static fn (string $a): string => Guesser::address($a)->place, $one);
        $other = array_pop($places);
        self::assertCount(1, array_unique($places));
        self::assertNotContains($other, $places);
    }

    public function testTheWaitGrowsAndHasAnEnd(): void
    {
        $waits = static fn (SlowDown $s, int ...$tries): array => array_map($s->after(...), $tries);
        self::assertSame([0, 0, 1, 2, 4, 512, 900, 900], $waits(SlowDown::OnePlace, 0, 3, 4, 5, 6, 13, 14, 1000));
        self::assertSame([0, 0, 1, 16, 30, 30], $waits(SlowDown::Anywhere, 0, 39, 40, 44, 45, 1000));
    }

    public function testAHygrometerSaysWhatItMeasuresAndNothingElse(): void
    {
        $this->serveToOthers();
        $mine = [($c = $this->enter())->getName() => (string) $c->getValue()];
        $key = self::json($this->ask('POST', '/api/lock/hygrometer', null, [], $mine))->key;
        self::assertIsString($key);
        $bearer = ['Authorization' => "Bearer $key"];
        self::assertSame(200, $this->ask('PUT', '/api/hygrometer', ['temperature' => 17.5, 'humidity' => 61], $bearer)->getStatusCode());
        self::assertSame(
            [401, 401],
            [
                $this->ask('GET', '/api/hygrometer', null, $bearer)->getStatusCode(),
                $this->ask('GET', '/api/recipes', null, $bearer)->getStatusCode(),
            ],
        );
        self::assertSame(401, $this->ask('GET', '/api/recipes', null, [], [$c->getName() => $key])->getStatusCode(), 'nor as a cookie');
        $this->ask('DELETE', '/api/lock/hygrometer', null, [], $mine);
        self::assertSame(401, $this->ask('PUT', '/api/hygrometer', ['temperature' => 17.5, 'humidity' => 61], $bearer)->getStatusCode());
    }

    public function testTheCommandMakesOneAndLeavesOneThatIsSet(): void
    {
        [$code, $said] = $this->studio->run('inlaid:passphrase');
        self::assertSame(0, $code);
        self::assertMatchesRegularExpression('/is: ([a-z]{4}-){4}[a-z]{4}\n/', $said);
        self::assertSame([0, ''], $this->studio->run('inlaid:passphrase', ['--if-none' => true]));
    }

    private function serveToOthers(): void
    {
        $this->store(\sprintf(
            "INSERT INTO passphrase VALUES (1, '%s', datetime('now'))",
            password_hash(self::PASSPHRASE, \PASSWORD_BCRYPT, ['cost' => 4]),
        ));
        $this->studio->hosts = 'studio.local';
    }

    private function enter(): Cookie
    {
        $answer = $this->ask('POST', '/api/lock', ['passphrase' => self::PASSPHRASE]);
        self::assertSame(200, $answer->getStatusCode(), (string) $answer->getContent());

        return $answer->headers->getCookies()[0];
    }

    /**
     * @param array<string, string> $headers
     * @param array<string, string> $cookies
     */
    private function ask(string $method, string $path, mixed $body = null, array $headers = [], array $cookies = []): Response
    {
        return $this->studio->ask($method, "https://localhost$path", $body, $headers, $cookies);
    }

    private static function json(Response $answer): \stdClass
    {
        $json = Json::decode((string) $answer->getContent());
        self::assertInstanceOf(\stdClass::class, $json);

        return $json;
    }

    private static function first(Response $answer): mixed
    {
        $violations = self::json($answer)->violations;
        self::assertTrue(\is_array($violations) && $violations[0] instanceof \stdClass);

        return $violations[0]->pointer;
    }

    private function store(string $sql): void
    {
        (new \SQLite3($this->studio->store))->exec($sql);
    }

    /**
     * @return list<array{string, string}> method and an address of every route
     */
    public static function routes(Studio $studio): array
    {
        $kernel = $studio->kernel();
        $router = $kernel->getContainer()->get('router');
        self::assertInstanceOf(\Symfony\Component\Routing\RouterInterface::class, $router);
        $routes = [];
        foreach ($router->getRouteCollection()->all() as $route) {
            $path = (string) preg_replace('/\{\w+\}/', 'x', strtr($route->getPath(), self::PARTS));
            $routes = [...$routes, ...array_map(static fn (string $method): array => [$method, $path], array_values($route->getMethods()))];
        }
        $kernel->shutdown();

        return $routes;
    }
}
