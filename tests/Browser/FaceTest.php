<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Inlaid\Tests\Http\GivenDocuments;
use Inlaid\Tests\Pictures;

/**
 * The face: painted to the pixel as it was reckoned, gone through without asking, and a step that would be lost rescued on it.
 */
final class FaceTest extends Rooms
{
    private const RACK_FACE = 'canvas[aria-label^="The preview "]';

    /** Of every colour there are as many pixels as the shares of the zones say, within one in a hundred of the face; after every step. */
    public function testThePaintedSharesAreTheReckonedOnes(): void
    {
        foreach (['rack', 'settle', 'clock'] as $which) {
            $recipe = $this->studio->recipe($which);
            $stack = $this->studio->json('POST', '/api/preview', ['document' => $recipe->document])->preview->stacks[0];
            $this->go("/recipes/$recipe->id");
            $this->see('[data-testid=film]');
            foreach ($stack->look->after as $i => $after) {
                $this->walkTo($i);
                $expected = [];
                foreach ($after->zones as $zone) {
                    $pixels = $this->pixelsOf($zone->zone);
                    foreach ($zone->colours as $p => $colour) {
                        $expected[$colour] = ($expected[$colour] ?? 0.0) + $zone->shares[$p] * $pixels;
                    }
                }
                $painted = $this->painted();
                self::assertSame(
                    [],
                    array_diff(array_keys($painted), array_keys($expected)),
                    "$which, step $i: no colour that was not reckoned",
                );
                foreach ($expected as $colour => $pixels) {
                    self::assertEqualsWithDelta($pixels / 132_000, ($painted[$colour] ?? 0) / 132_000, 0.01, "$which, step $i: $colour");
                }
            }
        }
    }

    /**
     * From bare wood to the last coat and back with two keys: nothing is asked of the server, and the step that is shown is the step that
     * is chosen.
     */
    public function testGoingThroughTheStepsAsksNothing(): void
    {
        $this->go('/recipes/'.$this->studio->recipe('rack')->id);
        $this->see('[data-testid=film]');
        $this->walkTo(1);
        $came = 'return performance.getEntriesByType("resource").filter(r => r.name.includes("/api/"))';
        $this->until(
            fn (): bool => 1 === $this->browser->executeScript("$came.filter(r => r.name.endsWith('/techniques/next')).length"),
            'what the panel asks once',
        );
        $asked = $this->browser->executeScript("$came.map(r => r.name)");
        foreach ([2, 3, 4, 5, 6, 5, 4, 0] as $step) {
            $this->walkTo($step);
        }
        self::assertSame(
            $asked,
            $this->browser->executeScript("$came.map(r => r.name)"),
        );
        $this->walkTo(4);
        self::assertStringStartsWith('4.', $this->text('[aria-selected=true]'));

        $here = $this->painted();
        $this->hold('b');
        $this->until(fn (): bool => '3' === $this->see(self::RACK_FACE)->getAttribute('data-after'), 'held, it shows the step before');
        self::assertNotSame($here, $this->painted());
        $this->hold('b', false);
        $this->until(fn (): bool => $here === $this->painted(), 'let go, it is back');
    }

    /**
     * A wash under a coat that hides it: the recipe says so; done after the coat, by the keys alone, it is seen, and the finding is gone.
     */
    public function testALostStepIsRescued(): void
    {
        $document = GivenDocuments::of($this->studio)->document(['steps' => [
            ['washed-wiped', 'platform-slate', ['purpose' => 'broken-cover', 'title' => 'Slate veil']],
            ['brushed', 'signal-cream', ['coats' => 3, 'title' => 'Cream']],
            ['padded', 'topcoat-matt', ['purpose' => 'functional', 'coats' => 2]],
        ]]);
        $id = $this->studio->json('POST', '/api/recipes', ['document' => $document], 201)->id;
        $this->go("/recipes/$id");
        $this->see('[data-testid=film]');
        $this->until(fn (): bool => str_contains($this->main(), '1. Slate veil'), 'the recipe is open');
        $this->first(WebDriverBy::xpath('//*[@data-step][contains(., "Slate veil")]'))->click();
        $this->until(fn (): bool => str_contains($this->main(), 'buried by “'), 'the step says that it is lost');
        $this->walkTo(3);
        $lost = $this->painted();

        $this->first(WebDriverBy::xpath('//*[@data-step][contains(., "Slate veil")]'))->click();
        $this->browser->executeScript('document.getElementById("cut").focus()');
        $this->browser->getKeyboard()->sendKeys([WebDriverKeys::ALT, WebDriverKeys::ARROW_UP, WebDriverKeys::NULL]);
        $this->until(
            fn (): bool => str_contains($this->main(), '2. Slate veil') && !str_contains($this->main(), 'buried by'),
            'moved, it is seen',
        );
        $this->until(
            fn (): bool => str_contains($this->text('[data-testid=adds]'), 'stays visible')
                || str_contains($this->text('[data-testid=adds]'), 'remains in'),
            'and it is said what it adds',
        );
        $this->walkTo(3);
        self::assertGreaterThan(\count($lost), \count($this->painted()), 'the face shows it');
        $this->untilSaved();
        self::assertSame(
            ['s1', 's0', 's2'],
            array_map(static fn (\stdClass $s): string => $s->id, $this->studio->json('GET', "/api/recipes/$id")->document->steps),
        );
    }

    /**
     * A colour that is wanted, from a palette file: how far the finish ends from it is said, and held, the key t shows the target on one
     * half; it is kept with the draft.
     */
    public function testATargetIsChosenFromAPaletteAndHeldBeside(): void
    {
        $recipe = $this->studio->recipe('stools');
        $this->go("/recipes/$recipe->id");
        $this->see('[data-testid=film]');
        $this->walkTo(7);
        $this->clickInView($this->first(WebDriverBy::xpath('//summary[starts-with(., "Target")]')));
        $file = self::file('halt.gpl', "GIMP Palette\nName: Halt\n#\n184 128 45\tHalt sand\n 20  40 200\tFar blue\n");
        $this->first(WebDriverBy::cssSelector('input[type=file][accept^=".gpl"]'))->sendKeys($file);
        $this->clickInView($this->button('Far blue'));
        $this->until(
            fn (): bool => str_contains($this->text('[data-target=field]'), 'different colour')
                && str_contains($this->main(), 'differ from the target'),
            'it is far off, and a finding says so',
        );
        $this->clickInView($this->button('Halt sand'));
        $this->until(fn (): bool => str_contains($this->text('[data-target=field]'), 'on target'), 'this one is met');
        $this->hold('t');
        $this->until(fn (): bool => 60_000 < ($this->painted()['#b8802d'] ?? 0), 'the right half is as wanted');
        $this->hold('t', false);
        $this->until(fn (): bool => 60_000 > ($this->painted()['#b8802d'] ?? 0), 'let go, it is the finish again');
        $this->untilSaved();
        self::assertSame('Halt sand', $this->studio->recipe('stools')->document->target->name);
        file_put_contents($file, "no palette\nat all");
        $this->first(WebDriverBy::cssSelector('input[type=file][accept^=".gpl"]'))->sendKeys($file);
        $this->until(fn (): bool => str_contains($this->main(), 'isn\'t a colour'), 'what is no palette is refused in words');
    }

    /** Or it is what was read of a patch of a board, or a place in a photo. */
    public function testATargetIsTakenFromABoardOrAPhoto(): void
    {
        $this->go('/recipes/'.$this->studio->recipe('stools')->id);
        $this->see('[data-testid=film]');
        $this->clickInView($this->first(WebDriverBy::xpath('//summary[starts-with(., "Target")]')));
        $this->clickInView($this->button('From a board'));
        $this->see('[role=dialog]');
        $this->button('C2')->click();
        $this->until(fn (): bool => str_contains($this->main(), 'Target: C2 of Slate wash on birch ply'), 'the patch is the target');
        $photo = self::file('halt.jpg', Pictures::board([[0.3, 0.2, 0.1], [0.3, 0.2, 0.1]], 0.9));
        $this->first(WebDriverBy::cssSelector('input[type=file][accept="image/*"]'))->sendKeys($photo);
        $this->see('[data-testid=photo] img')->click(); // its middle: between the two patches, which are alike
        $this->button('Use this colour')->click();
        $this->until(fn (): bool => str_contains($this->main(), 'Target: halt'), 'the photo is where it comes from');
        $this->untilSaved();
        self::assertNotSame('#8c9698', $this->studio->recipe('stools')->document->target->field);
    }

    /** Another revision is chosen, and seen as long as its key is held. */
    public function testAnotherRevisionIsHeldBeside(): void
    {
        $recipe = $this->studio->recipe('stools');
        $document = $recipe->document;
        $document->steps = array_values(array_filter(
            $document->steps,
            static fn (\stdClass $s): bool => !str_contains($s->technique, 'resist') && !str_contains($s->technique, 'distressed'),
        ));
        $version = $this->studio->json(
            'PUT',
            "/api/recipes/$recipe->id/draft",
            ['version' => $recipe->version, 'document' => $document],
        )->version;
        $this->go("/recipes/$recipe->id");
        self::assertGreaterThan($recipe->version, $version);
        $this->see('[data-testid=film]');
        $this->walkTo(\count($document->steps));
        $here = $this->painted();
        $this->choose('Compare with', 'revision '.$recipe->revisions[0]->number.': '.$recipe->revisions[0]->reason);
        $this->button('Rev. '.$recipe->revisions[0]->number);
        $this->browser->executeScript('document.getElementById("cut").focus()');
        $this->hold('r');
        $this->until(fn (): bool => $here !== $this->painted() && \count($this->painted()) > \count($here), 'worn where this one is not');
        $this->hold('r', false);
        $this->until(fn (): bool => $here === $this->painted(), 'let go, it is this one');
    }

    /** The thinning that ends nearest the target is found on a chart, and taken at a press: mix and coats are as it says. */
    public function testTheThinningIsFoundAndTaken(): void
    {
        $this->go('/recipes/'.$this->studio->recipe('rack')->id);
        $this->see('[data-testid=film]');
        $this->walkTo(4);
        $this->clickInView($this->button('Find the mix'));
        $this->until(fn (): bool => str_contains($this->text('[data-testid=rung]'), 'ΔE'), 'the ladder is worked out');
        $this->first(WebDriverBy::cssSelector('[role=dialog] button[aria-label^="1 : 6, 3 coats"]'))->click();
        $this->until(fn (): bool => str_starts_with($this->text('[data-testid=rung]'), '1 : 6, 3 coats'), 'another rung is looked at');
        $this->button('Use this mix')->click();
        $this->untilSaved();
        $document = $this->studio->recipe('rack')->document;
        self::assertSame(['1', '6'], array_map(static fn (\stdClass $p): string => $p->share, $document->mixes[0]->parts));
        self::assertSame(3, $document->steps[3]->coats);
    }

    /** In the middle of a job, with a target: the next moves are asked for, and the first is put in after the step that was done. */
    public function testWhereFromHereIsAskedAndDone(): void
    {
        $this->go('/recipes/'.$this->studio->recipe('rack')->id);
        $this->see('[data-testid=film]');
        $this->walkTo(3);
        $this->clickInView($this->button('Suggest next step'));
        $this->until(fn (): bool => str_contains($this->text('[data-testid=where]'), 'hands-on'), 'moves are found');
        self::assertStringContainsString('after 3. Cream undertone', $this->text('[data-testid=where]'));
        $this->first(WebDriverBy::xpath("(//*[@role='dialog']//button[.='Use this'])[1]"))->click();
        $this->until(
            fn (): bool => str_starts_with($this->text('[aria-selected=true]'), '4.')
                && '4' === $this->see(self::RACK_FACE)->getAttribute('data-after'),
            'it is the next step, and its look is shown',
        );
        $this->untilSaved();
        $document = $this->studio->recipe('rack')->document;
        self::assertGreaterThan(7, \count($document->steps));
        self::assertSame(['s1', 's2', 's3'], array_map(static fn (\stdClass $s): string => $s->id, \array_slice($document->steps, 0, 3)));
    }

    /**
     * The colours of a blend are one step: it is seen after the last of them, one key goes over all, and they have one place on the bench
     * sheet; and a colour is moved along the way by its slider.
     */
    public function testABlendIsOneStep(): void
    {
        $document = $this->studio->recipe('rack')->document;
        $blend = $document->steps[3];
        unset($blend->repeat, $blend->strokes, $blend->left, $blend->hand, $blend->dwell);
        foreach ([
            'technique' => 'blended',
            'title' => 'Three colours',
            'coats' => 1,
            'where' => 'top-down',
            'at' => 0.1,
            'uses' => ['material' => 'platform-slate'],
            'colours' => [['uses' => ['material' => 'tunnel-mist'], 'at' => 0.5], ['uses' => ['mix' => 'wash'], 'at' => 1]],
        ] as $field => $value) {
            $blend->{$field} = $value;
        }
        $id = $this->studio->json('POST', '/api/recipes', ['document' => $document], 201)->id;
        $this->go("/recipes/$id");
        $this->see('[data-testid=film]');
        $this->walkTo(0);
        $stops = [0];
        while (\count($stops) < \count($document->steps)) {
            $this->browser->getKeyboard()->sendKeys(']');
            $before = end($stops);
            $this->until(fn (): bool => (int) $this->see(self::RACK_FACE)->getAttribute('data-after') !== $before, 'the face goes on');
            $stops[] = (int) $this->see(self::RACK_FACE)->getAttribute('data-after');
        }
        self::assertSame([0, 1, 2, 3, 6, 7, 8], $stops);
        $this->walkTo(6);
        self::assertStringStartsWith('4. Three colours', $this->text('[aria-selected=true]'));
        $here = $this->painted();
        $place = $this->first(WebDriverBy::cssSelector('input[type=range][aria-label="Place of Tunnel Mist, chalk-type"]'));
        $place->sendKeys(WebDriverKeys::ARROW_RIGHT);
        $this->untilSaved();
        self::assertSame(0.55, $this->studio->json('GET', "/api/recipes/$id")->document->steps[3]->colours[0]->at);
        $this->until(fn (): bool => $this->painted() !== $here, 'and it is painted so');
        $this->go("/recipes/$id/sheet");
        $this->see('section h2');
        self::assertCount(7, $this->browser->findElements(WebDriverBy::cssSelector('section h2')));
        self::assertStringContainsString('55 % of the way: Tunnel Mist', $this->text('main'));
    }

    /** By the keys [ and ]. */
    private function walkTo(int $step): void
    {
        $this->see(self::RACK_FACE);
        $this->browser->executeScript('document.activeElement?.blur()');
        while (($now = (int) $this->see(self::RACK_FACE)->getAttribute('data-after')) !== $step) {
            $this->browser->getKeyboard()->sendKeys($now < $step ? ']' : '[');
            $this->until(fn (): bool => (int) $this->see(self::RACK_FACE)->getAttribute('data-after') !== $now, 'the face goes on');
        }
    }

    private function hold(string $key, bool $down = true): void
    {
        $this->browser->executeScript(
            'window.dispatchEvent(new KeyboardEvent(arguments[0], { key: arguments[1], bubbles: true }))',
            [$down ? 'keydown' : 'keyup', $key],
        );
    }

    private function pixelsOf(string $zone): int
    {
        preg_match("~$zone:(\d+)~", (string) $this->see(self::RACK_FACE)->getAttribute('data-zones'), $m);

        return (int) ($m[1] ?? 0);
    }

    /**
     * @return array<string, int> pixels by colour
     */
    private function painted(): array
    {
        $counted = $this->browser->executeScript(
            'const c = document.querySelector(arguments[0]); const d = new '
            .'Uint32Array(c.getContext("2d").getImageData(0, 0, c.width, c.height).data.buffer); const n = {}; for '
                .'(const p of d) n[p] = (n[p] ?? 0) + 1; const hex = v => "#" + [v & 255, (v >> 8) & 255, (v >> 16) & '
                    .'255].map(x => x.toString(16).padStart(2, "0")).join(""); return '
                        .'Object.fromEntries(Object.entries(n).map(([p, k]) => [hex(Number(p)), k]))',
            [self::RACK_FACE],
        );
        self::assertIsArray($counted);
        ksort($counted);

        return array_map(intval(...), $counted);
    }
}
