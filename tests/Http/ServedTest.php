<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\App\Exchange\Json;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * The program as it is served: warm, with all the settings that bin/start gives it.
 */
final class ServedTest extends TestCase
{
    use Randomly;

    private Studio $studio;
    private Process $server;
    private string $base;

    protected function setUp(): void
    {
        $this->studio = Studio::open();
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: self::fail('No free port.');
        $address = (string) stream_socket_get_name($socket, false);
        fclose($socket);
        $this->base = "http://$address";
        $root = \dirname(__DIR__, 2);
        $tuning = new Process(['bash', '-c', '. bin/lib.sh; printf "%s\n" "${php_tuning[@]}"'], $root);
        $tuning->mustRun();
        self::assertStringContainsString(
            'opcache.jit=disable',
            $tuning->getOutput(),
            'under the tracing JIT a warm server has answered with a pointer instead of a number',
        );
        $this->server = new Process(
            [\PHP_BINARY, ...explode("\n", trim($tuning->getOutput())), '-S', $address, '-t', 'public', 'public/index.php'],
            $root,
            ['APP_ENV' => 'test', 'INLAID_STORE' => $this->studio->store, 'PHP_CLI_SERVER_WORKERS' => '4'],
            null,
            null,
        );
        $this->server->disableOutput()->start();
        for ($tries = 0; $tries < 400 && false === @stream_socket_client("tcp://$address"); ++$tries) {
            usleep(20_000);
        }
    }

    protected function tearDown(): void
    {
        (new Process(['pkill', '-9', '-f', substr($this->base, 7)]))->run();
        $this->studio->close();
    }

    /** Eighty different recipes, one after the other and again: to the byte what the same program answers that is not warm. */
    public function testAWarmServerAnswersAsAColdOne(): void
    {
        $documents = array_map(
            fn (\stdClass $r): mixed => $this->studio->json('GET', "/api/recipes/$r->id")->document,
            $this->studio->json('GET', '/api/recipes')->recipes,
        );
        $differ = 0;
        $this->manyTimes(80, function () use ($documents, &$differ): void {
            $document = Json::decode(Json::encode($documents[$this->int(0, \count($documents) - 1)]));
            self::assertInstanceOf(\stdClass::class, $document);
            $document->steps = array_map(
                fn (\stdClass $step): object => isset($step->uses) && 0 === $this->int(0, 2)
                    ? (object) (['coats' => $this->int(1, 4)] + array_diff_key((array) $step, ['repeat' => 1]))
                    : $step,
                $document->steps,
            );
            foreach ($document->piece->parts as $part) {
                $part->area = isset($part->area) ? round($this->float(0.05, 4), 3) : null;
                null === $part->area && (static function () use ($part): void { unset($part->area); })();
            }
            $context = [
                'now' => '2026-11-23T08:00:00+01:00',
                'climate' => ['temperature' => $this->int(8, 30), 'humidity' => $this->int(20, 80), 'air' => 'still'],
            ];
            $body = Json::encode(['document' => $document, 'context' => $context]);
            $cold = $this->studio->ask('POST', '/api/preview', $body);
            [$status, $warm] = $this->asked('POST', '/api/preview', $body);
            $differ += [$cold->getStatusCode(), $cold->getContent()] === [$status, $warm] ? 0 : 1;
        });
        self::assertSame(0, $differ);
    }

    /** Files that PHP's own server sends carry the headers of all other answers. */
    public function testFilesCarryTheHeadersOfAllAnswers(): void
    {
        $wanted = array_change_key_case(require \dirname(__DIR__, 2).'/config/headers.php');
        foreach (['/worker.js', '/api/health', '/api/nowhere'] as $path) {
            $this->asked('GET', $path, '', $headers);
            self::assertSame($wanted, array_intersect_key($headers, $wanted), $path);
        }
    }

    /**
     * An answer of a device holds one reading and ends, so that pages which show one hold no worker; a browser is told when to ask again.
     */
    public function testAStreamOfADeviceEndsByItself(): void
    {
        foreach (['/api/scale/stream', '/api/hygrometer/stream'] as $path) {
            [$status, $events] = $this->asked('GET', $path, '', $headers);
            self::assertSame([200, 'text/event-stream'], [$status, explode(';', $headers['content-type'])[0]]);
            self::assertMatchesRegularExpression('/^retry: \d+\ndata: \{[^\n]+\}\n\n$/', $events);
        }
    }

    /**
     * @param non-empty-string           $method
     * @param array<string, string>|null $headers
     *
     * @param-out array<string, string> $headers
     *
     * @return array{int, string}
     */
    private function asked(string $method, string $path, string $body = '', ?array &$headers = null): array
    {
        $curl = curl_init($this->base.$path);
        $headers = [];
        curl_setopt_array(
            $curl,
            [
                \CURLOPT_CUSTOMREQUEST => $method,
                \CURLOPT_RETURNTRANSFER => true,
                \CURLOPT_HTTPHEADER => ['Content-Type: application/json'],
                \CURLOPT_HEADERFUNCTION => static function ($curl, string $line) use (&$headers): int {
                    [$name, $value] = explode(':', $line, 2) + ['', ''];
                    $headers[strtolower($name)] = trim($value);

                    return \strlen($line);
                },
            ] + ('' === $body ? [] : [\CURLOPT_POSTFIELDS => $body]),
        );
        $answer = curl_exec($curl);
        self::assertIsString($answer, curl_error($curl));

        return [curl_getinfo($curl, \CURLINFO_RESPONSE_CODE), $answer];
    }
}
