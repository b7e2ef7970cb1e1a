<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\App\Exchange\Json;
use Inlaid\App\Kernel;
use PHPUnit\Framework\Assert;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\BufferedOutput;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * A studio of its own for a test: a fresh store with the demo in it, asked over HTTP or by commands. The migrated and
 * filled store is made once and copied.
 */
final class Studio
{
    private static ?string $template = null;

    /** The names it answers to besides this machine's own, as INLAID_HOSTS says them, and where those are who ask. */
    public string $hosts = '';
    public string $askedFrom = '127.0.0.1';
    /** How many times longer than usual a search may take: what it finds is not to hang on what else the machine does. */
    public float $patience = 20;

    private function __construct(public readonly string $store)
    {
    }

    /**
     * @param string|null $store where it is to be; in the place of one that is there
     */
    public static function open(?string $store = null): self
    {
        self::$template ??= self::template();
        $studio = new self($store ?? \sprintf('%s/inlaid-test-%d-%s.sqlite', sys_get_temp_dir(), getmypid(), bin2hex(random_bytes(4))));
        $studio->close();
        copy(self::$template, $studio->store);
        register_shutdown_function($studio->close(...));

        return $studio;
    }

    /** As one begins with a studio of one's own: nothing in the book, and the shelf it starts with. */
    public static function empty(?string $store = null): self
    {
        $studio = self::open($store);
        $studio->close();
        [$code, $said] = $studio->run('inlaid:prepare', ['--first-colours' => true]);

        return 0 === $code ? $studio : throw new \RuntimeException("No studio could be made: $said");
    }

    public function close(): void
    {
        foreach (glob($this->store.'*') ?: [] as $file) {
            @unlink($file); // the journal is taken away by whoever closes the store last
        }
    }

    /**
     * @param array<string, string> $headers
     * @param array<string, string> $cookies
     */
    public function ask(string $method, string $path, mixed $body = null, array $headers = [], array $cookies = []): Response
    {
        $server = ['CONTENT_TYPE' => 'application/json', 'HTTP_HOST' => 'localhost', 'REMOTE_ADDR' => $this->askedFrom];
        foreach ($headers as $name => $value) {
            $server['Content-Type' === $name ? 'CONTENT_TYPE' : 'HTTP_'.strtoupper(strtr($name, '-', '_'))] = $value;
        }
        $kernel = $this->kernel();
        $response = $kernel->handle(Request::create(
            $path,
            $method,
            [],
            $cookies,
            [],
            $server,
            \is_string($body) ? $body : Json::encode($body ?? new \stdClass()),
        ));
        $kernel->shutdown();

        return $response;
    }

    /**
     * The JSON of an answer that must have the given status.
     */
    public function json(string $method, string $path, mixed $body = null, int $status = 200): \stdClass
    {
        $response = $this->ask($method, $path, $body);
        $text = (string) $response->getContent();
        if ($response->getStatusCode() !== $status) {
            throw new \PHPUnit\Framework\AssertionFailedError("$method $path answered {$response->getStatusCode()}: $text");
        }
        $json = Json::object($text);

        return $json;
    }

    /**
     * The lines of an answer that comes bit by bit, each a JSON object.
     *
     * @return list<\stdClass>
     */
    public function lines(string $path, mixed $body): array
    {
        return array_map(Json::object(...), explode("\n", trim(self::sent($this->ask('POST', $path, $body)))));
    }

    /**
     * @param string $query with its question mark
     *
     * @return string a bundle, as it is downloaded
     */
    public function bundle(string $what = 'studio', string $query = ''): string
    {
        $response = $this->ask('GET', "/api/bundles/$what.zip$query");
        $sent = self::sent($response);
        Assert::assertSame((string) \strlen($sent), $response->headers->get('Content-Length'));

        return $sent;
    }

    private static function sent(Response $response): string
    {
        Assert::assertSame(200, $response->getStatusCode(), (string) $response->getContent());
        $text = '';
        ob_start(static function (string $more) use (&$text): string {
            $text .= $more;

            return '';
        });
        $response->sendContent();
        ob_end_clean();

        return $text;
    }

    /**
     * A demo recipe, opened.
     */
    public function recipe(string $query = 'ticket'): \stdClass
    {
        $found = $this->json('GET', '/api/recipes?query='.rawurlencode($query));
        \assert(\is_array($found->recipes) && ($found->recipes[0] ?? null) instanceof \stdClass && \is_string($found->recipes[0]->id));

        return $this->json('GET', '/api/recipes/'.$found->recipes[0]->id);
    }

    /**
     * @param array<string, string|true> $arguments
     *
     * @return array{int, string}
     */
    public function run(string $command, array $arguments = []): array
    {
        $kernel = $this->kernel();
        $application = new Application($kernel);
        $application->setAutoExit(false);
        $output = new BufferedOutput();
        $code = $application->run(new ArrayInput(['command' => $command, ...$arguments, '--no-interaction' => true]), $output);
        $kernel->shutdown();

        return [$code, $output->fetch()];
    }

    public function kernel(): Kernel
    {
        putenv('INLAID_STORE='.$this->store);
        putenv('INLAID_PATIENCE='.$this->patience);
        $_ENV['INLAID_STORE'] = $_SERVER['INLAID_STORE'] = $this->store;
        $_ENV['INLAID_HOSTS'] = $_SERVER['INLAID_HOSTS'] = $this->hosts;
        $kernel = new Kernel('test', false);
        $kernel->boot();

        return $kernel;
    }

    private static function template(): string
    {
        $given = (string) getenv('INLAID_TEMPLATE'); // loaded once for tests that run side by side
        if (is_file($given)) {
            return $given;
        }
        $studio = new self(\sprintf('%s/inlaid-template-%d.sqlite', sys_get_temp_dir(), getmypid()));
        $studio->close();
        register_shutdown_function($studio->close(...));
        [$code, $said] = $studio->run('inlaid:prepare');
        [$loaded, $saidToo] = $studio->run('inlaid:demo:load');
        if (0 !== $code + $loaded) {
            throw new \RuntimeException("The demo could not be loaded: $said $saidToo");
        }
        $store = new \SQLite3($studio->store);
        $store->exec('PRAGMA wal_checkpoint(TRUNCATE)');

        return $studio->store;
    }

    /**
     * At the door for clients.
     *
     * @return array{int, mixed} status and what is answered
     */
    public function guest(string $method, string $path, mixed $body = null): array
    {
        $_ENV['INLAID_DOOR'] = $_SERVER['INLAID_DOOR'] = 'guest';
        try {
            $answer = $this->ask($method, $path, $body);
        } finally {
            unset($_ENV['INLAID_DOOR'], $_SERVER['INLAID_DOOR']);
        }
        $text = (string) $answer->getContent();

        return [
            $answer->getStatusCode(),
            str_starts_with((string) $answer->headers->get('Content-Type'), 'application/') ? Json::decode($text) : $text,
        ];
    }
}
