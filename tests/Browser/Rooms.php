<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Facebook\WebDriver\WebDriverKeys;
use Inlaid\Tests\Http\Studio;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * The real program in a real browser. Server and browser are started once and serve all tests; the store is a fresh demo for each, put in
 * the place of the one before, and the browser
 * is emptied between two.
 */
abstract class Rooms extends TestCase
{
    private const PATIENCE = 40;
    private static ?Process $chromedriver = null;
    private static int $chromedriverPort;
    private static ?Process $server = null;
    /** ms between two looks at a page that is busy: more would keep it busy. */
    private const BETWEEN = 80;

    private static int $port;
    private static int $guestPort;
    private static ?RemoteWebDriver $kept = null;
    protected Studio $studio;
    protected RemoteWebDriver $browser;
    private ?Process $guests = null;

    protected function setUp(): void
    {
        self::$kept?->get('http://127.0.0.1:'.self::$port.'/worker.js'); // so that it asks for nothing more; scripts stay compiled
        $this->untilNobodyReads(self::store());
        $this->studio = Studio::open(self::store());
        if (null === self::$server) {
            [self::$port, self::$guestPort] = [self::freePort(), self::freePort()];
            $this->startServer();
            register_shutdown_function(static fn () => self::killAt(self::$port));
        } elseif (!self::$server->isRunning()) {
            $this->startServer(); // the test before failed without it
        }
        $this->browser = null === self::$kept ? $this->kept() : $this->emptied(self::$kept);
    }

    protected function tearDown(): void
    {
        if (!$this->status()->isSuccess()) {
            $this->forgetBrowser(); // who knows what it was left in
        }
        null !== $this->guests && self::killAt(self::$guestPort);
    }

    /** Who still answers a page that has been left takes the journal away when it has done, by its name: it would be the next test's. */
    private function untilNobodyReads(string $store): void
    {
        $this->until(
            static fn (): bool => [] === array_filter(
                glob('/proc/[0-9]*/fd/*') ?: [],
                static fn (string $file): bool => str_starts_with((string) @readlink($file), $store),
            ),
            'the test before is wholly answered',
        );
    }

    private static function store(): string
    {
        return \sprintf('%s/inlaid-browser-%d.sqlite', sys_get_temp_dir(), getmypid());
    }

    private function kept(): RemoteWebDriver
    {
        register_shutdown_function(static function (): void {
            self::$kept?->quit();
            self::$kept = null;
        });

        return self::$kept = $this->newBrowser();
    }

    /** With nothing in it of the test before. */
    private function emptied(RemoteWebDriver $kept): RemoteWebDriver
    {
        $this->browser = $kept;
        $this->devtools('Storage.clearDataForOrigin', ['origin' => 'http://127.0.0.1:'.self::$port, 'storageTypes' => 'all']);
        $this->devtools('Emulation.clearDeviceMetricsOverride');
        $this->devtools('Emulation.setEmulatedMedia', ['media' => '', 'features' => []]);
        $kept->manage()->window()->setSize(new WebDriverDimension(1280, 900));
        $kept->manage()->getLog('browser');

        return $kept;
    }

    private function forgetBrowser(): void
    {
        self::$kept = null;
        $this->browser->quit();
    }

    protected function startServer(): void
    {
        self::$server = $this->serveAt(
            self::$port,
            ['PHP_CLI_SERVER_WORKERS' => '4', 'INLAID_GUESTS' => 'http://127.0.0.1:'.self::$guestPort],
        );
    }

    /** By which a client with a link sees one board and nothing else. */
    protected function openGuestDoor(): string
    {
        $this->guests = $this->serveAt(self::$guestPort, ['PHP_CLI_SERVER_WORKERS' => '2', 'INLAID_DOOR' => 'guest']);

        return 'http://127.0.0.1:'.self::$guestPort;
    }

    /**
     * @param array<string, string> $env
     */
    private function serveAt(int $port, array $env): Process
    {
        $server = new Process(
            [
                \PHP_BINARY,
                '-d',
                'opcache.enable_cli=1',
                '-d',
                'opcache.validate_timestamps=0',
                '-d',
                'zend.enable_gc=0',
                '-d',
                'display_errors=stderr',
                '-d',
                'post_max_size=16M',
                '-S',
                "127.0.0.1:$port",
                '-t',
                'public',
                'public/index.php',
            ],
            \dirname(__DIR__, 2),
            ['APP_ENV' => 'test', 'INLAID_STORE' => self::store(), 'INLAID_PATIENCE' => '1'] + $env,
            null,
            null,
        );
        $server->disableOutput(); // nobody reads it, and a full pipe would stop the server
        $server->start();
        $this->until(static fn (): bool => self::listens($port), 'the server answers');

        return $server;
    }

    /** What serves there, and its workers. */
    private static function killAt(int $port): void
    {
        (new Process(['pkill', '-9', '-f', "127.0.0.1:$port"]))->run();
    }

    /** At once, as a power cut would; the workers too. */
    protected function killServer(): void
    {
        self::killAt(self::$port);
        $this->until(
            static fn (): bool => true !== self::$server?->isRunning() && !self::listens(self::$port),
            'the server and its workers are gone',
        );
    }

    protected function newBrowser(string ...$more): RemoteWebDriver
    {
        self::startChromedriver();
        $options = new ChromeOptions();
        $options->setBinary('/usr/bin/chromium');
        $options->addArguments([
            '--headless=new',
            '--no-sandbox',
            '--disable-gpu',
            '--disable-quic',
            '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync',
            // A page that is left is not kept; none of the browser's own is opened.
            '--disable-features=BackForwardCache,SpareRendererForSitePerProcess,MediaRouter,Translate,'
                .'WebUIOmniboxPopup,WebUIOmniboxAimPopup',
            '--disable-dev-shm-usage',
            '--js-flags=--no-turbofan', // compiling once more does not pay for pages of a few seconds
            '--window-size=1280,800',
            '--user-data-dir='.self::folder(),
            ...$more,
        ]);
        $options->setExperimentalOption('prefs', ['session' => ['restore_on_startup' => 4, 'startup_urls' => ['about:blank']]]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $browser = RemoteWebDriver::create('http://127.0.0.1:'.self::$chromedriverPort, $capabilities, 60_000, 120_000);
        $browser->manage()->window()->setSize(new WebDriverDimension(1280, 900));

        return $browser;
    }

    /** Gone when the tests are done. */
    private static function folder(): string
    {
        mkdir($folder = sys_get_temp_dir().'/inlaid-browser-'.bin2hex(random_bytes(5)));
        register_shutdown_function(static fn () => (new Process(['rm', '-rf', $folder]))->run());

        return $folder;
    }

    /** Where a file lies that is to be given to a page. */
    protected static function file(string $name, string $bytes): string
    {
        file_put_contents($file = self::folder()."/$name", $bytes);

        return $file;
    }

    protected function go(string $path, ?RemoteWebDriver $browser = null): void
    {
        ($browser ?? $this->browser)->get('http://127.0.0.1:'.self::$port.$path);
    }

    protected function see(string $css, ?RemoteWebDriver $browser = null): RemoteWebElement
    {
        $browser ??= $this->browser;
        $found = self::waitedFor(
            $browser,
            static fn (): mixed => WebDriverExpectedCondition::visibilityOfElementLocated(
                WebDriverBy::cssSelector($css),
            )->getApply()($browser),
            "$css is to be seen",
        );
        \assert($found instanceof RemoteWebElement);

        return $found;
    }

    /** The first such thing, once it is there. */
    protected function first(WebDriverBy $which): RemoteWebElement
    {
        $found = self::waitedFor(
            $this->browser,
            fn (): RemoteWebElement => $this->browser->findElement($which),
            $which->getValue().' is there',
        );
        \assert($found instanceof RemoteWebElement);

        return $found;
    }

    protected function button(string $name, ?RemoteWebDriver $browser = null): RemoteWebElement
    {
        $browser ??= $this->browser;
        $found = self::waitedFor(
            $browser,
            static fn (): mixed => WebDriverExpectedCondition::elementToBeClickable(WebDriverBy::xpath(
                "//*[self::button or self::a][normalize-space()='$name' or @aria-label='$name'][not(@aria-disabled='true')]",
            ))->getApply()($browser),
            "the button \"$name\" is to be pressed",
        );
        \assert($found instanceof RemoteWebElement);

        return $found;
    }

    /** The field with the given label. */
    protected function field(string $label, ?RemoteWebDriver $browser = null): RemoteWebElement
    {
        $browser ??= $this->browser;
        $id = self::waitedFor(
            $browser,
            static fn (): mixed => $browser->findElement(
                WebDriverBy::xpath("//label[starts-with(normalize-space(), '$label')]"),
            )->getAttribute('for'),
            "the field \"$label\" is there",
        );
        \assert(\is_string($id));

        return $browser->findElement(WebDriverBy::id($id));
    }

    /** Replaces what is in a field and presses Enter. */
    protected function write(string $label, string $text, ?RemoteWebDriver $browser = null): void
    {
        $field = $this->field($label, $browser);
        $field->sendKeys(WebDriverKeys::CONTROL.'a');
        $field->sendKeys($text.WebDriverKeys::ENTER);
    }

    /** The words that are seen in the first such place, once it is seen. */
    protected function text(string $css, ?RemoteWebDriver $browser = null): string
    {
        $browser ??= $this->browser;
        $text = self::waitedFor($browser, static fn (): ?string => self::words($browser, $css), "$css is to be seen");
        \assert(\is_string($text));

        return $text;
    }

    /** Read by the page itself: for a whole room the driver takes ten times as long. */
    private static function words(RemoteWebDriver $browser, string $css): ?string
    {
        $text = $browser->executeScript(<<<'JS'
            const isSeen = (e) => e.checkVisibility({ checkOpacity: true, checkVisibilityCSS: true });
            const seen = [...document.querySelectorAll(arguments[0])].find(isSeen);
            return seen ? `:${seen.innerText.replaceAll(/[^\S\n]+/g, ' ').replaceAll(/ ?\n ?/g, '\n').trim()}` : null;
            JS, [$css]);

        return \is_string($text) ? substr($text, 1) : null;
    }

    /**
     * @param \Closure(): bool $holds
     */
    protected function until(\Closure $holds, string $what): void
    {
        self::waitedFor($this->browser ?? null, $holds, $what);
        $this->addToAssertionCount(1);
    }

    /**
     * What there is at last; where there is nothing, what the page says instead is told.
     *
     * @param \Closure(): mixed $there
     */
    private static function waitedFor(?RemoteWebDriver $browser, \Closure $there, string $what): mixed
    {
        $end = hrtime(true) + self::PATIENCE * 1_000_000_000;
        while (true) {
            try {
                if ($found = $there()) {
                    return $found;
                }
            } catch (StaleElementReferenceException|NoSuchElementException) {
            }
            if (hrtime(true) > $end) {
                $seen = $browser?->executeScript('return document.body?.innerText.slice(0, 5000)');
                self::fail("Waited in vain until $what. The page says:\n".(\is_string($seen) ? $seen : ''));
            }
            usleep(self::BETWEEN * 1000);
        }
    }

    /** Nothing on the page, once it stands still, keeps anybody out who does not see it, or sees it otherwise. */
    protected function assertAccessible(string $where, ?RemoteWebDriver $browser = null): void
    {
        $browser ??= $this->browser;
        $this->until(
            static fn (): bool => true === $browser->executeScript(
                'return document.querySelector(".MuiFade-entering, .MuiFade-exiting") === null && '
                .'[...document.querySelectorAll(".MuiDialog-container")].every(d => getComputedStyle(d).opacity === "1")',
            ),
            'the dialog has come in',
        );
        $browser->executeScript((string) file_get_contents(\dirname(__DIR__, 2).'/web/node_modules/axe-core/axe.min.js'));
        self::assertSame([], $browser->executeAsyncScript(<<<'JS'
            const [done] = arguments;
            const still = new CSSStyleSheet(); // a colour on its way is neither of the two
            still.replaceSync('*, ::before, ::after { transition: none !important; animation: none !important }');
            document.adoptedStyleSheets.push(still);
            const isGrave = (v) => v.impact === 'serious' || v.impact === 'critical';
            const told = (v) => `${v.id}: ${v.help} ${v.nodes.slice(0, 3).map((n) => n.html.slice(0, 300)).join(' | ')}`;
            axe.run(document, { resultTypes: ['violations'], preload: false })
              .then((r) => r.violations.filter(isGrave).map(told), (error) => [String(error)])
              .finally(() => document.adoptedStyleSheets.pop())
              .then(done);
            JS), $where);
    }

    protected function untilSaved(?RemoteWebDriver $browser = null): void
    {
        $this->until(
            fn (): bool => 'saved' === $this->see('[data-testid=saving]', $browser)->getAttribute('data-state'),
            'the draft is saved',
        );
    }

    /** A window of another size, as a phone or a tablet has it. */
    protected function resize(int $width, int $height): void
    {
        $this->devtools(
            'Emulation.setDeviceMetricsOverride',
            ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => true],
        );
    }

    /**
     * @param array<string, mixed> $parameters
     */
    protected function devtools(string $command, array $parameters = []): mixed
    {
        return $this->browser->executeCustomCommand(
            '/session/:sessionId/goog/cdp/execute',
            'POST',
            ['cmd' => $command, 'params' => (object) $parameters],
        );
    }

    /** What the room says. */
    protected function main(): string
    {
        return self::words($this->browser, 'main') ?? '';
    }

    /** What is asked for at such addresses is not answered before {@see answerNow()}. */
    protected function holdAnswers(string $addresses): void
    {
        $this->browser->executeScript(
            'const was = window.fetch; const some = new RegExp(arguments[0]); '
            .'const held = new Promise((go) => { window.answerNow = go; }); '
            .'window.fetch = async (asked, ...more) => { if (some.test(asked.url ?? asked)) await held; return was(asked, ...more); };',
            [$addresses],
        );
    }

    protected function answerNow(): void
    {
        $this->browser->executeScript('window.answerNow()');
    }

    /** Scrolled to the middle first: at the rim of a scrolling panel something may lie over it. */
    protected function clickInView(RemoteWebElement $element): void
    {
        $this->browser->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$element]);
        $element->click();
    }

    /** Picks an option of a list by what it says. */
    protected function choose(string $label, string $option): void
    {
        $this->clickInView($this->first(WebDriverBy::xpath(
            "//*[normalize-space(text())='$label']/following::*[@role='combobox'][1]",
        )));
        $this->untilOpen();
        $this->first(WebDriverBy::xpath("//*[@role='option'][normalize-space()='$option']"))->click();
        $this->untilGone('ul[role=listbox]');
    }

    /** Opens what is rarely needed, behind its line. */
    protected function unfold(string $title): void
    {
        $this->clickInView($this->first(WebDriverBy::xpath("//summary[normalize-space()='$title']")));
    }

    /** Finds a technique by what it is called. */
    protected function technique(string $name): void
    {
        $field = $this->field('Technique');
        $this->clickInView($field);
        $field->sendKeys(WebDriverKeys::CONTROL.'a');
        $field->sendKeys($name);
        $this->pick($name);
    }

    /** Picks what begins with these words from a list or a menu that is open. */
    protected function pick(string $option, string $role = 'option'): void
    {
        $path = "//*[@role='$role'][starts-with(normalize-space(), '$option')]";
        'menuitem' === $role && $this->untilOpen();
        $this->until(fn (): bool => [] !== $this->browser->findElements(WebDriverBy::xpath($path)), "\"$option\" is offered");
        $this->first(WebDriverBy::xpath($path))->click();
        'menuitem' === $role
            && $this->untilGone('[role=menu]');
    }

    protected function untilGone(string $css): void
    {
        $this->until(fn (): bool => [] === $this->browser->findElements(WebDriverBy::cssSelector($css)), "$css is gone");
    }

    /** A list that is still growing would move away under the pointer. */
    private function untilOpen(): void
    {
        $this->until(
            fn (): bool => true === $this->browser->executeScript(
                'const p = document.querySelector(".MuiMenu-paper"); return p !== null && getComputedStyle(p).opacity '
                .'=== "1" && ["none", "matrix(1, 0, 0, 1, 0, 0)"].includes(getComputedStyle(p).transform)',
            ),
            'the list has opened',
        );
    }

    /** Sends keys to whatever has the focus. */
    protected function press(string $keys): void
    {
        $this->browser->switchTo()->activeElement()->sendKeys($keys);
    }

    /**
     * Keys as fast as the page takes them, a frame each: faster than it is worked out, and than anybody is.
     *
     * @param array{string, 'alt'|'ctrl'} ...$keys
     */
    protected function pressFast(array ...$keys): void
    {
        $this->browser->executeAsyncScript(
            <<<'JS'
                const done = arguments[1];
                (async () => {
                  for (const [key, held] of arguments[0]) {
                    const init = { key, [held + 'Key']: true, bubbles: true, cancelable: true };
                    document.activeElement.dispatchEvent(new KeyboardEvent('keydown', init));
                    await new Promise((next) => requestAnimationFrame(next));
                  }
                  done();
                })();
                JS,
            [$keys],
        );
    }

    protected function active(): string
    {
        $html = $this->browser->executeScript('return document.activeElement.outerHTML');

        return \is_string($html) ? $html : '';
    }

    protected function labelOfActive(): string
    {
        $label = $this->browser->executeScript('const l = document.activeElement.labels; return l && l.length ? l[0].textContent : "";');

        return \is_string($label) ? $label : '';
    }

    /**
     * @param \Closure(string): bool $isIt
     */
    protected function tabTo(\Closure $isIt): void
    {
        for ($i = 0; $i < 80; ++$i) {
            $this->press(WebDriverKeys::TAB);
            if ($isIt($this->active())) {
                return;
            }
        }
        self::fail('Tab does not lead there.');
    }

    private static function startChromedriver(): void
    {
        if (null !== self::$chromedriver) {
            return;
        }
        self::$chromedriverPort = self::freePort();
        self::$chromedriver = new Process(['/usr/bin/chromedriver', '--port='.self::$chromedriverPort], null, null, null, null);
        self::$chromedriver->disableOutput();
        self::$chromedriver->start();
        $end = hrtime(true) + self::PATIENCE * 1_000_000_000;
        while (!self::listens(self::$chromedriverPort) && hrtime(true) < $end) {
            usleep(self::BETWEEN * 1000);
        }
        register_shutdown_function(static fn () => self::$chromedriver?->stop(0, 9));
    }

    private static function listens(int $port): bool
    {
        $socket = @stream_socket_client('tcp://127.0.0.1:'.$port, $code, $error, 1);
        if (false !== $socket) {
            fclose($socket);
        }

        return false !== $socket;
    }

    /** Nobody's at any address, nor is the next; below those from which connections go out, which come at any time. */
    protected static function freePort(): int
    {
        do {
            $port = 2 * random_int(6_000, 16_000);
            $both = array_filter([$port, $port + 1], static fn (int $p): bool => false !== @stream_socket_server("tcp://0.0.0.0:$p"));
        } while (2 !== \count($both));

        return $port;
    }
}
