<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Symfony\Component\Process\Process;

/**
 * The studio as a tablet reaches it: through nginx and php-fpm, over TLS, behind its passphrase.
 */
final class LanTest extends Rooms
{
    private ?Process $lan = null;
    private ?RemoteWebDriver $tablet = null;
    private int $port;

    protected function tearDown(): void
    {
        $this->tablet?->quit();
        $this->lan?->stop(10, \SIGTERM);
        parent::tearDown();
    }

    public function testATabletComesInAndLosesNothingWhenItIsLockedOut(): void
    {
        $passphrase = $this->startLan();
        self::assertSame([true, false], [$this->trusted('/api/lock')->needed, $this->trusted('/api/lock')->open]);
        self::assertFalse(@file_get_contents("https://localhost:$this->port/api/lock"), 'nobody trusts it who was not told to');

        $tablet = $this->tablet = $this->newBrowser('--ignore-certificate-errors-spki-list='.$this->authority());
        $tablet->get("https://localhost:$this->port/recipes/".$this->studio->recipe()->id);
        $this->give('Wrong passphrase');
        $this->until(fn (): bool => str_contains($this->text('[role=alert]', $tablet), 'Wrong passphrase'), 'it says so');
        $this->give($passphrase);
        $this->see('[data-testid=saving]', $tablet);
        self::assertSame(
            [true, true, true],
            $tablet->executeScript('return [isSecureContext, "serviceWorker" in navigator, "wakeLock" in navigator]'),
        );

        (new \SQLite3($this->studio->store))->exec('DELETE FROM studio_key');
        $tablet->findElement(WebDriverBy::cssSelector('body'))->sendKeys('i');
        $this->give($passphrase);
        $this->untilSaved($this->tablet);
        self::assertGreaterThan(1, $this->studio->json('GET', '/api/recipes/'.$this->studio->recipe()->id)->version);
    }

    /** What the worker keeps of the studio for working offline goes when the studio is locked, here or by another device. */
    public function testALockedDeviceKeepsNothingOfTheStudio(): void
    {
        $passphrase = $this->startLan();
        $run = $this->studio->json('GET', '/api/runs')->runs[0]->id;
        $tablet = $this->tablet = $this->newBrowser('--ignore-certificate-errors-spki-list='.$this->authority());
        $tablet->get("https://localhost:$this->port/bench/$run");
        $this->give($passphrase);
        $this->untilKept($run);
        $tablet->executeScript(
            'document.cookie; return fetch("/api/lock", { method: "DELETE", headers: { "Content-Type": '
            .'"application/json" }, body: "{}" }).then((r) => r.status)',
        );
        $this->until(fn (): bool => [] === $this->ofStudio(), 'locked here, it is gone');

        $tablet->navigate()->refresh();
        $this->give($passphrase);
        $this->untilKept($run);
        (new \SQLite3($this->studio->store))->exec("DELETE FROM studio_key WHERE holder = 'device'");
        $tablet->get("https://localhost:$this->port/days");
        $this->field('Passphrase', $tablet);
        $this->assertAccessible('the locked door', $tablet);
        $this->until(fn (): bool => [] === $this->ofStudio(), 'locked by another device, it is gone at the first answer');
    }

    /** All that is sent, from a file or by the program, at both ports, may not be framed by another page nor come over plain HTTP again. */
    public function testEveryAnswerCarriesTheSameHeaders(): void
    {
        $this->startLan();
        $script = basename((string) (glob('public/build/assets/*.js') ?: self::fail('not built'))[0]);
        $paths = [
            '/',
            '/build/index.html',
            "/build/assets/$script",
            '/build/no-such-file',
            '/worker.js',
            '/api/lock',
            '/api/recipes',
            '/look/x',
            '/studio-ca.crt',
        ];
        $wanted = array_change_key_case(require 'config/headers.php') + ['strict-transport-security' => 'max-age=31536000'];
        $name = trim((string) gethostname());
        foreach ([$this->port, $this->port + 1] as $port) {
            foreach ($paths as $path) {
                $got = $this->headers($name, $port, $path);
                self::assertSame($wanted, array_intersect_key($got, $wanted), "$path at port $port");
            }
        }
        self::assertArrayNotHasKey(
            'strict-transport-security',
            $this->headers('localhost', $this->port, '/'),
            'other things at this machine are reached over plain HTTP',
        );
        foreach ([
            '/%61pi/bundles/studio.zip',
            '//api/recipes',
            '/./api/recipes',
            '/build/../api/recipes',
            '/build/%2e%2e/api/recipes',
            '/api%2frecipes',
            '/index.php/api/recipes',
            "https://localhost:$this->port/api/recipes",
            "https://localhost:$this->port/%61pi/bundles/studio.zip",
            '/build/../../var/data/studio.sqlite',
            '/build/..%2f..%2fcomposer.json',
        ] as $target) {
            $status = 0;
            $this->headers('localhost', $this->port, '/', [\CURLOPT_REQUEST_TARGET => $target, \CURLOPT_PATH_AS_IS => true], $status);
            self::assertContains($status, [400, 401, 403, 404], "$target answers $status");
        }
        $old = @stream_socket_client(
            "tls://localhost:$this->port",
            $code,
            $error,
            5,
            \STREAM_CLIENT_CONNECT,
            stream_context_create(['ssl' => [
                'cafile' => 'var/lan/ca.crt',
                'ciphers' => 'ECDHE-ECDSA-AES128-SHA',
                'crypto_method' => \STREAM_CRYPTO_METHOD_TLSv1_2_CLIENT,
            ]]),
        );
        self::assertFalse($old, 'no CBC with SHA-1');
    }

    /** The port beside it is needed too. */
    public function testAPortThatIsTakenIsSaid(): void
    {
        $taken = self::freePort() + 1;
        $other = stream_socket_server("tcp://127.0.0.1:$taken");
        self::assertIsResource($other);
        foreach ([[], ['--lan']] as $how) {
            $start = new Process(
                ['bin/start', ...$how, '--port', (string) ($taken - 1)],
                \dirname(__DIR__, 2),
                ['APP_ENV' => 'prod', 'INLAID_STORE' => $this->studio->store],
            );
            $start->run();
            self::assertStringContainsString("Port $taken is taken; choose another with --port.", $start->getErrorOutput());
            self::assertSame(1, $start->getExitCode());
        }
    }

    /**
     * @param array<int, mixed> $options
     *
     * @return array<string, string>
     */
    private function headers(string $host, int $port, string $path, array $options = [], int &$status = 0): array
    {
        $curl = curl_init("https://$host:$port$path");
        $headers = [];
        curl_setopt_array(
            $curl,
            [
                \CURLOPT_RESOLVE => ["$host:$port:127.0.0.1"],
                \CURLOPT_CAINFO => 'var/lan/ca.crt',
                \CURLOPT_RETURNTRANSFER => true,
                \CURLOPT_HEADERFUNCTION => static function ($curl, string $line) use (&$headers): int {
                    [$name, $value] = explode(':', $line, 2) + ['', ''];
                    $headers[strtolower($name)] = trim($value);

                    return \strlen($line);
                },
            ] + $options,
        );
        self::assertNotFalse(curl_exec($curl), "$path: ".curl_error($curl));
        $status = curl_getinfo($curl, \CURLINFO_RESPONSE_CODE);

        return $headers;
    }

    private function untilKept(string $run): void
    {
        $this->until(fn (): bool => \in_array("/api/runs/$run/calculation", $this->ofStudio(), true), 'the worker keeps the run');
    }

    /**
     * @return list<string> paths under /api/ of which something is kept on the tablet
     */
    private function ofStudio(): array
    {
        $script = 'const done = arguments[0]; caches.keys().then((names) => Promise.all(names.map(async (name) => (await (await '
            .'caches.open(name)).keys()).map((r) => new URL(r.url).pathname)))).then((all) => '
                .'done(all.flat().filter((p) => p.startsWith("/api/"))))';
        $paths = $this->tablet?->executeAsyncScript($script);

        return \is_array($paths) ? array_values(array_filter($paths, is_string(...))) : [];
    }

    /** @return string the passphrase it made */
    private function startLan(): string
    {
        $this->port = self::freePort();
        $lan = $this->lan = new Process(
            ['bin/start', '--lan', '--port', (string) $this->port],
            \dirname(__DIR__, 2),
            ['APP_ENV' => 'prod', 'INLAID_STORE' => $this->studio->store],
            null,
            null,
        );
        $lan->start();
        $this->until(static fn (): bool => str_contains($lan->getErrorOutput(), 'Stop it'), 'it is served');
        preg_match('/is: (\S+)/', $lan->getOutput(), $found);
        $this->until(fn (): bool => false !== @fsockopen('127.0.0.1', $this->port), 'it answers');

        return $found[1] ?? self::fail($lan->getOutput());
    }

    private function give(string $passphrase): void
    {
        $field = $this->field('Passphrase', $this->tablet);
        $field->sendKeys(WebDriverKeys::CONTROL.'a');
        $field->sendKeys($passphrase.WebDriverKeys::ENTER);
    }

    /** Asked by somebody who trusts the authority and nobody else. */
    private function trusted(string $path): \stdClass
    {
        $json = json_decode((string) file_get_contents(
            "https://localhost:$this->port$path",
            false,
            stream_context_create(['ssl' => ['cafile' => 'var/lan/ca.crt']]),
        ));
        self::assertInstanceOf(\stdClass::class, $json);

        return $json;
    }

    /** The authority's key, as a browser is told that it trusts it. */
    private function authority(): string
    {
        $key = openssl_pkey_get_details(
            openssl_pkey_get_public((string) file_get_contents('var/lan/ca.crt')) ?: throw new \LogicException(),
        );
        self::assertIsArray($key);
        self::assertIsString($key['key']);

        return base64_encode(hash(
            'sha256',
            (string) base64_decode((string) preg_replace('/-----[^-]+-----|\s/', '', $key['key']), true),
            true,
        ));
    }
}
