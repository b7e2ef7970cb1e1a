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
        $this->give('not the passphrase');
        $this->until(fn (): bool => str_contains($this->text('[role=alert]', $tablet), 'not the passphrase'), 'it says so');
        $this->give($passphrase);
        $this->see('[data-testid=saving]', $tablet);
        self::assertSame([true, true, true], $tablet->executeScript('return [isSecureContext, "serviceWorker" in navigator, "wakeLock" in navigator]'));

        (new \SQLite3($this->studio->store))->exec('DELETE FROM studio_key');
        $tablet->findElement(WebDriverBy::cssSelector('body'))->sendKeys('i');
        $this->give($passphrase);
        $this->untilSaved($this->tablet);
        self::assertGreaterThan(1, $this->studio->json('GET', '/api/recipes/'.$this->studio->recipe()->id)->version);
    }

    /** @return string the passphrase it made */
    private function startLan(): string
    {
        $this->port = self::freePort();
        $lan = $this->lan = new Process(['bin/start', '--lan', '--port', (string) $this->port], \dirname(__DIR__, 2), ['APP_ENV' => 'prod', 'INLAID_STORE' => $this->studio->store], null, null);
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
        $json = json_decode((string) file_get_contents("https://localhost:$this->port$path", false, stream_context_create(['ssl' => ['cafile' => 'var/lan/ca.crt']])));
        self::assertInstanceOf(\stdClass::class, $json);

        return $json;
    }

    /** The authority's key, as a browser is told that it trusts it. */
    private function authority(): string
    {
        $key = openssl_pkey_get_details(openssl_pkey_get_public((string) file_get_contents('var/lan/ca.crt')) ?: throw new \LogicException());
        self::assertIsArray($key);
        self::assertIsString($key['key']);

        return base64_encode(hash('sha256', (string) base64_decode((string) preg_replace('/-----[^-]+-----|\s/', '', $key['key']), true), true));
    }
}
