<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\App\Kernel;
use PHPUnit\Framework\TestCase;
use Symfony\Component\HttpFoundation\Request;

/**
 * Every address of a studio that other machines reach, asked without its passphrase in all the ways an address can be written.
 */
final class DoorsTest extends TestCase
{
    private const METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS', 'TRACE', 'PROPFIND'];
    /** What anybody may ask at the studio's port; the addresses of links find nothing, as no link has the secret "x". */
    private const PUBLIC = ['GET /', 'GET /x', 'GET /look/x', 'GET /choose/x', 'GET /api/health', 'GET /api/lock', 'POST /api/lock'];
    private static Studio $studio;
    private static Kernel $kernel;

    public static function setUpBeforeClass(): void
    {
        self::$studio = Studio::open();
        $store = new \SQLite3(self::$studio->store);
        $store->exec(\sprintf(
            "INSERT INTO passphrase VALUES (1, '%s', datetime('now'))",
            password_hash('green lime wash 7', \PASSWORD_BCRYPT, ['cost' => 4]),
        ));
        $store->exec('PRAGMA wal_checkpoint(TRUNCATE)');
        $store->close();
        self::$studio->hosts = 'studio.local';
    }

    public static function tearDownAfterClass(): void
    {
        self::$studio->hosts = '';
        self::$studio->close();
    }

    protected function setUp(): void
    {
        self::$kernel = self::$studio->kernel();
    }

    protected function tearDown(): void
    {
        self::$kernel->shutdown();
    }

    public function testNothingIsToldOrTakenHoweverAnAddressIsWritten(): void
    {
        $before = $this->store();
        $asked = 0;
        foreach (self::addresses() as $path) {
            foreach (self::spellings($path) as $how => $spelled) {
                foreach ('plain' === $how ? self::METHODS : ['GET', 'POST', 'PUT', 'DELETE'] as $method) {
                    $status = $this->ask($method, $spelled);
                    ++$asked;
                    $isPublic = \in_array(('HEAD' === $method ? 'GET' : $method).' '.$path, self::PUBLIC, true);
                    self::assertContains(
                        $status,
                        $isPublic ? [200, 301, 401, 403, 404, 422, 503] : [401, 403, 404],
                        "$method $spelled ($how) answers $status",
                    );
                }
            }
        }
        self::assertGreaterThan(10_000, $asked);
        self::assertSame($before, $this->store(), 'the store is as it was, to the byte');
    }

    public function testNoHeaderMakesAnAddressAnother(): void
    {
        $before = $this->store();
        foreach ([
            'X-HTTP-Method-Override',
            'X-Method-Override',
            'X-Original-URL',
            'X-Rewrite-URL',
            'X-Forwarded-For',
            'X-Forwarded-Host',
            'X-Forwarded-Prefix',
            'Forwarded',
            'Client-IP',
            'X-Real-IP',
        ] as $header) {
            foreach (['DELETE', 'PUT', '/api/recipes', '127.0.0.1', 'localhost', 'for=127.0.0.1;host=localhost'] as $value) {
                foreach (['/api/health', '/api/recipes', '/api/bundles/studio', '/'] as $path) {
                    foreach (['GET', 'POST', 'PUT'] as $method) {
                        $isPublic = 'GET' === $method && \in_array($path, ['/api/health', '/'], true);
                        $status = $this->ask($method, $path, [$header => $value]);
                        self::assertContains(
                            $status,
                            $isPublic ? [200, 503] : [401, 404],
                            "$method $path with $header: $value answers $status",
                        );
                    }
                }
            }
        }
        self::assertSame(404, $this->ask('POST', '/api/health?_method=GET', [], '_method=GET', 'application/x-www-form-urlencoded'));
        self::assertSame($before, $this->store());
    }

    public function testTheClientsPortAnswersLinksAndNothingElse(): void
    {
        $_ENV['INLAID_DOOR'] = $_SERVER['INLAID_DOOR'] = 'guest';
        try {
            $this->setUp();
            foreach (self::addresses() as $path) {
                foreach (self::spellings($path) as $how => $spelled) {
                    foreach (['GET', 'POST', 'PUT', 'DELETE'] as $method) {
                        $status = $this->ask($method, $spelled);
                        self::assertContains(
                            $status,
                            \in_array($path, ['/look/x', '/choose/x'], true) && 'GET' === $method ? [200, 404, 503] : [404],
                            "$method $spelled ($how) answers $status",
                        );
                    }
                }
            }
        } finally {
            unset($_ENV['INLAID_DOOR'], $_SERVER['INLAID_DOOR']);
        }
    }

    /**
     * @return list<string> of every route there is
     */
    private static function addresses(): array
    {
        $paths = array_column(LockTest::routes(self::$studio), 1);
        self::assertGreaterThan(100, \count($paths));

        return array_values(array_unique([
            ...$paths,
            '/',
            '/api',
            '/api/',
            '/.env',
            '/index.php/api/recipes',
            '/../var/data/studio.sqlite',
        ]));
    }

    /**
     * @return iterable<string, string> an address as it may be written, by how it is
     */
    private static function spellings(string $path): iterable
    {
        $percent = static fn (string $letter): string => \sprintf('%%%02x', \ord($letter));
        yield 'plain' => $path;
        foreach (array_filter(str_split($path), ctype_alnum(...)) as $at => $letter) {
            yield "letter $at" => substr_replace($path, $percent($letter), $at, 1);
        }
        yield 'all letters' => (string) preg_replace_callback('/[A-Za-z0-9]/', static fn (array $m): string => $percent($m[0]), $path);
        yield 'twice encoded' => (string) preg_replace_callback(
            '/[A-Za-z0-9]/',
            static fn (array $m): string => '%25'.bin2hex($m[0]),
            $path,
        );
        yield 'two slashes' => '/'.$path;
        yield 'two slashes within' => '/'.strtr(substr($path, 1), ['/' => '//']);
        yield 'dots' => '/.'.$path;
        yield 'dots within' => '/'.strtr(substr($path, 1), ['/' => '/./']);
        yield 'up and down' => '/look/..'.$path;
        yield 'a slash encoded' => '/'.strtr(substr($path, 1), ['/' => '%2f']);
        yield 'the first slash encoded' => '/%2f'.substr($path, 1);
        yield 'a backslash' => '/'.strtr(substr($path, 1), ['/' => '\\']);
        yield 'a slash at the end' => $path.'/';
        yield 'a semicolon' => $path.';x';
        yield 'a null' => $path.'%00';
        yield 'with the script' => '/index.php'.$path;
        yield 'large letters' => strtoupper($path);
    }

    /**
     * @param array<string, string> $headers
     */
    private function ask(string $method, string $path, array $headers = [], string $body = '{}', string $type = 'application/json'): int
    {
        $server = [
            'CONTENT_TYPE' => $type,
            'HTTP_HOST' => 'localhost',
            'REMOTE_ADDR' => '192.168.1.20',
            'HTTPS' => 'on',
            'REQUEST_METHOD' => $method,
            'REQUEST_URI' => $path,
            'SCRIPT_NAME' => '/index.php',
            'SCRIPT_FILENAME' => '/x/index.php',
        ];
        foreach ($headers as $name => $value) {
            $server['HTTP_'.strtoupper(strtr($name, '-', '_'))] = $value;
        }
        parse_str((string) parse_url('http://x'.$path, \PHP_URL_QUERY), $query);

        return self::$kernel->handle(new Request($query, [], [], [], [], $server, $body))->getStatusCode();
    }

    private function store(): string
    {
        return implode(
            ' ',
            array_map(
                static fn (string $file): string => (string) hash_file('sha256', $file),
                array_filter(
                    [self::$studio->store, self::$studio->store.'-wal'],
                    static fn (string $f): bool => is_file($f) && filesize($f) > 0,
                ),
            ),
        );
    }
}
