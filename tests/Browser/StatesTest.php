<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\TestWith;

/**
 * The states a room can be in besides the usual one: empty, missing, cut off, small, printed, calm; and every room by keys.
 */
final class StatesTest extends Rooms
{
    public function testWhatIsMissingOrEmptyIsSaid(): void
    {
        foreach ([
            '/recipes/01UNKNOWN' => 'No recipe “01UNKNOWN”',
            '/recipes/01UNKNOWN/sheet' => 'No recipe “01UNKNOWN”',
            '/nowhere' => 'Page not found',
        ] as $path => $says) {
            $this->go($path);
            $this->until(fn (): bool => str_contains($this->everything(), $says), "$path says so");
        }
        $this->go('/');
        $this->see('main li h2');
        $this->see('input[type=search]')->sendKeys('velvet');
        $this->until(fn (): bool => str_contains($this->main(), 'No recipe matches “velvet”'), 'a search in vain');
        $this->see('input[type=search]')->sendKeys(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.WebDriverKeys::BACKSPACE);
        $this->see('main li h2');
        $this->choose('Kept in', 'the archive');
        $this->until(fn (): bool => str_contains($this->main(), 'Nothing archived'), 'nothing is put away');
        $this->go('/shelf');
        $this->see('main section h2');
        $this->see('input[type=search]')->sendKeys('velvet');
        $this->until(fn (): bool => str_contains($this->main(), 'No matches'), 'no such material');
    }

    /**
     * A fault of the program in one room: it is named as one, the work is said to be safe, and the other rooms open.
     */
    public function testAFaultInARoomIsToldFromAMissingConnection(): void
    {
        $this->go('/');
        $this->see('main li h2');
        $this->browser->executeScript(
            'const was = window.fetch; window.fetch = (asked, ...more) => new URL(asked.url ?? asked, location.href).pathname === '
            .'"/api/settings" ? Promise.resolve(Response.json({ version: 1 })) : was(asked, ...more);',
        );
        $this->first(WebDriverBy::linkText('Settings'))->click();
        $this->until(fn (): bool => str_contains($this->everything(), 'This is a fault in Inlaid Recipe, not in your work.'), 'it is said');
        self::assertStringNotContainsString('isn’t responding', $this->everything());
        $this->first(WebDriverBy::linkText('Logbook'))->click();
        $this->until(fn (): bool => str_contains($this->main(), 'Logbook'), 'the next room opens');
    }

    /**
     * Rows whose waits and films are still worked out would grow, and move away under the hand: they are shown when nothing moves any more.
     */
    public function testNothingOfARecipeMovesAwayUnderTheHand(): void
    {
        $this->go('/');
        $this->see('main li h2');
        $this->holdAnswers('/api/preview');
        $this->browser->executeScript(
            'window.places = []; new MutationObserver(() => window.places.push('
            .'[...document.querySelectorAll("[data-step]")].map((row) => Math.round(row.getBoundingClientRect().top)).join(),'
            .')).observe(document.body, { childList: true, subtree: true });',
        );
        $this->first(WebDriverBy::xpath("//h2[.='Notice-board frame, stippled and lined']"))->click();
        $this->button('Save revision');
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('[data-step]')));
        $this->answerNow();
        $this->see('[data-testid=film]');
        self::assertCount(1, array_filter((array) $this->browser->executeScript('return [...new Set(window.places)]')));
    }

    /**
     * The power goes while the book is open: rooms say so instead of falling to pieces, and open when it is back.
     */
    public function testARoomThatCannotBeFetchedSaysSo(): void
    {
        $this->go('/');
        $this->see('main li h2');
        $this->killServer();
        $this->first(WebDriverBy::linkText('Shelf'))->click();
        $this->until(fn (): bool => str_contains($this->everything(), 'Your work is saved in this browser'), 'the painter is told');
        $this->startServer();
        $this->button('Try again')->click();
        $this->until(fn (): bool => str_contains($this->main(), 'Degreasing cleaner'), 'it opens');
    }

    #[TestWith([390, 844, '/mix'])]
    #[TestWith([1024, 768, '/mix'])]
    #[TestWith([390, 844, '/'])]
    #[TestWith([1024, 768, '/'])]
    #[TestWith([1024, 768, 'ticket'])]
    #[TestWith([390, 844, 'ticket'])]
    #[TestWith([1024, 768, 'frame'])]
    #[TestWith([1024, 768, 'cupboard/piece'])]
    #[TestWith([390, 844, 'cupboard/piece'])]
    #[TestWith([390, 844, '/shelf'])]
    #[TestWith([390, 844, '/recipes/new'])]
    #[TestWith([390, 844, '/recipes/new/look'])]
    #[TestWith([1024, 768, '/settings'])]
    public function testNothingScrollsSidewaysOnAPhoneOrATablet(int $width, int $height, string $room): void
    {
        $this->resize($width, $height);
        $this->go(
            str_starts_with($room, '/')
                ? $room
                : '/recipes/'.$this->studio->recipe(strtok($room, '/') ?: '')->id.(strstr($room, '/') ?: ''),
        );
        $this->see(match (true) {
            '/' === $room => 'main li h2',
            '/settings' === $room, '/shelf' === $room, '/recipes/new' === $room => 'main h2',
            '/recipes/new/look' === $room => 'main form',
            str_ends_with($room, '/piece') => '[data-testid=part-area]',
            default => 'svg[role=img]',
        });
        self::assertSame($width, $this->browser->executeScript('return document.documentElement.scrollWidth'));
        $small = $this->browser->executeScript(
            'return [...document.querySelectorAll("main button, main a, main '
            .'input:not([type=checkbox]):not([type=file]):not([type=color])")].filter(e => e.offsetParent !== null && '
                .'!e.closest("[aria-hidden=true]")).map(e => '
                    .'[e.closest(".MuiInputBase-root")?.getBoundingClientRect().height ?? '
                        .'e.getBoundingClientRect().height, e.outerHTML.slice(0, 90)]).filter(([h]) => h < 26)',
        );
        self::assertSame([], $small, 'too small for a finger');
        $tiny = $this->browser->executeScript(
            'return [...document.querySelectorAll("main *")].filter(e => e.getClientRects().length > 0 && '
            .'[...e.childNodes].some(n => n.nodeType === 3 && n.textContent.trim()) && '
                .'parseFloat(getComputedStyle(e).fontSize) < 13).map(e => e.textContent)',
        );
        self::assertSame([], $tiny, 'too small to be read');
    }

    /**
     * A page magnified to twice its size, as one with poor eyes has it: every room is reached, and nothing runs out of it; at the bench the
     * buttons leave more than half to the step.
     */
    public function testMagnifiedTwiceEveryRoomIsReached(): void
    {
        $this->resize(640, 400);
        $this->go('/');
        $this->see('main li h2');
        foreach (['Mix', 'Boards', 'Days', 'Logbook', 'Shelf', 'Settings', 'Book'] as $room) {
            $this->first(WebDriverBy::xpath("//header//option[.='$room']"))->click();
            $this->until(fn (): bool => str_contains($this->text('main h1'), $room), "$room is open");
            self::assertSame(640, $this->browser->executeScript('return document.documentElement.scrollWidth'), $room);
        }
        $recipe = $this->studio->recipe('ticket')->id;
        $this->go("/recipes/$recipe");
        $this->see('svg[role=img]');
        self::assertSame(640, $this->browser->executeScript('return document.documentElement.scrollWidth'), 'Section');
        $job = $this->studio->json('POST', '/api/runs', ['recipe' => $recipe], 201)->id;
        $this->go("/bench/$job");
        $this->see('[data-testid=act]');
        self::assertSame(640, $this->browser->executeScript('return document.documentElement.scrollWidth'), 'Bench');
        self::assertLessThan(100, $this->browser->executeScript(
            'return [...document.querySelectorAll("main button")].find(b => b.innerText === "Skip").parentElement.offsetHeight',
        ));
    }

    public function testThePaperHasNoButtonsAndNoStepIsTorn(): void
    {
        $this->go('/recipes/'.$this->studio->recipe('cupboard')->id.'/sheet');
        $this->see('section h2');
        self::assertTrue($this->button('Print')->isDisplayed());
        $this->devtools('Emulation.setEmulatedMedia', ['media' => 'print']);
        self::assertFalse($this->first(WebDriverBy::xpath("//button[.='Print']"))->isDisplayed());
        $torn = $this->browser->executeScript(
            'return [...document.querySelectorAll("main section")].filter(s => getComputedStyle(s).breakInside !== "avoid").length',
        );
        self::assertSame(0, $torn);
        $pdf = $this->devtools('Page.printToPDF', ['printBackground' => false]);
        self::assertIsArray($pdf);
        $file = base64_decode((string) $pdf['data'], true);
        self::assertIsString($file);
        self::assertStringStartsWith('%PDF', $file);
        self::assertGreaterThanOrEqual(2, preg_match_all('~/Type\s*/Page[^s]~', $file), 'seven steps do not fit one page');
        $sheet = $this->main();
        foreach ([
            'Caution: ',
            'Follow the label, the safety data sheet and local rules.',
            '☐',
            'done at',
            'Wait overnight, at least',
            'Have ready',
        ] as $said) {
            self::assertStringContainsString($said, $sheet);
        }
    }

    public function testNothingMovesForThoseWhoAskedForCalm(): void
    {
        $this->devtools('Emulation.setEmulatedMedia', ['features' => [['name' => 'prefers-reduced-motion', 'value' => 'reduce']]]);
        $this->go('/recipes/'.$this->studio->recipe()->id);
        $this->see('[data-testid=film]');
        self::assertSame(
            [],
            $this->browser->executeScript(
                'return [...document.querySelectorAll("*")].filter(e => '
                .'getComputedStyle(e).transitionDuration.split(", ").some(d => parseFloat(d) > 0.001)).map(e => e.className).slice(0, 3)',
            ),
        );
    }

    /**
     * Another wash in the mixing room without a mouse: to the field, over a reading, to the amount.
     */
    public function testTheMixingRoomByKeys(): void
    {
        $this->go('/');
        $this->see('main li h2');
        $this->browser->executeScript('document.activeElement.blur()');
        $this->press('gm');
        $this->until(fn (): bool => str_contains($this->main(), 'By volume: 150 ml'), 'g m leads to the mixing room');
        $this->tabTo(fn (string $html): bool => 'Ratio, for example 1:3' === $this->labelOfActive());
        $this->press(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.'25 %'.WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->active(), '(25 % of the total)'), 'the first reading has the focus');
        $this->press(WebDriverKeys::TAB);
        self::assertStringContainsString('100 ml Platform Slate, chalk-type + 25 ml Water', $this->active());
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->main(), '4 Platform Slate, chalk-type : 1 Water'), 'the second is taken');
        $this->tabTo(fn (string $html): bool => 'Amount of the mix' === $this->labelOfActive());
        $this->press(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.'50 ml'.WebDriverKeys::ENTER);
        $this->until(
            fn (): bool => str_contains($this->main(), 'By weight: 50 ml') && str_contains($this->main(), '10.0 g Water'),
            'a fifth of 50 ml is water',
        );
    }

    /**
     * A long shelf comes page by page, and what is open stays open whatever is looked for.
     */
    public function testALongShelfIsReadPageByPage(): void
    {
        $paint = $this->studio->json('GET', '/api/materials?query=platform')->materials[0]->material;
        for ($i = 0; $i < 160; ++$i) {
            $this->studio->json('POST', '/api/materials', ['material' => ['name' => \sprintf('Slate %03d', $i)] + (array) $paint], 201);
        }
        $this->go('/shelf');
        $this->see('main section h2');
        $asked = fn (): array => $this->browser->executeScript(
            'return performance.getEntriesByType("resource").map(e => e.name).filter(n => n.includes("/api/materials?"))',
        );
        self::assertStringNotContainsString('Plaster', $this->main());
        self::assertCount(1, $asked(), 'one page of them');
        $this->button('Next page')->click();
        $this->until(fn (): bool => str_contains($this->main(), '2 of 2'), 'the second page');
        $this->button('Dark wax')->click();
        $this->until(fn (): bool => 'Dark wax' === $this->text('main h2.MuiTypography-h2'), 'it is open');
        $this->field('Name')->sendKeys(', mine');
        $this->see('input[type=search]')->sendKeys('slate 15');
        $this->until(
            fn (): bool => !str_contains($this->main(), 'Previous page') && str_contains($this->main(), 'Slate 159'),
            'ten of them',
        );
        self::assertSame('Dark wax, mine', $this->field('Name')->getAttribute('value'), 'what is typed stays');
    }

    /**
     * A material is found, copied, renamed, and taken off the shelf; all by keys.
     */
    public function testTheShelfByKeys(): void
    {
        $this->go('/shelf');
        $this->see('main section h2');
        $this->press('/');
        $this->press('liming');
        $this->until(fn (): bool => 'Liming wax' === $this->text('main h2.MuiTypography-h2'), 'the search opens it');
        $this->tabTo(static fn (string $html): bool => str_contains($html, 'Duplicate'));
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => 'Liming wax, own' === $this->text('main h2.MuiTypography-h2'), 'the copy is open');
        $this->tabTo(fn (string $html): bool => 'Name' === $this->labelOfActive());
        $this->press(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.'Halt White wax'.WebDriverKeys::ENTER);
        $this->browser->executeScript('document.querySelector("input[type=search]").focus()');
        $this->tabTo(static fn (string $html): bool => str_contains($html, 'Save changes'));
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->main(), 'your values · version 2'), 'it is saved');
        self::assertSame(1, $this->studio->json('GET', '/api/materials?query=halt+white')->total);
        $this->browser->executeScript('document.querySelector("input[type=search]").focus()');
        $this->tabTo(static fn (string $html): bool => str_contains($html, 'Archive'));
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => 0 === $this->studio->json('GET', '/api/materials?query=halt+white')->total, 'it is off the shelf');
    }

    private function everything(): string
    {
        return $this->first(WebDriverBy::tagName('body'))->getText();
    }
}
