<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\ColourDifference;
use Inlaid\Core\Colour\Light;

/**
 * A recipe is begun: with a finish from the wall, or from a look.
 */
final class BeginTest extends Rooms
{
    /** Two presses from the book to a whole recipe, with its preparation and on the wood chosen. */
    public function testAFinishFromTheWallIsAWholeRecipe(): void
    {
        $this->go('/');
        $this->button('New recipe')->click();
        $this->see('[data-testid=wall-count]');
        $this->choose('Wood', 'oak');
        $this->until(fn (): bool => str_contains($this->text('[data-testid=wall-count]'), 'finishes for oak'), 'the wall is painted');
        $all = $this->chips();
        self::assertGreaterThan(25, $all);
        $this->choose('Shade', 'dark');
        $this->until(fn (): bool => $this->chips() < $all, 'pale ones are gone');
        $this->choose('Shade', 'light or dark');
        $this->clickInView($this->first(WebDriverBy::xpath("//main//button[.//h2[.='Limed over a seal']]")));
        $this->until(fn (): bool => str_contains($this->main(), 'Open the pores'), 'it is opened');
        $document = $this->studio->recipe('Limed over a seal')->document;
        self::assertSame('oak', $document->piece->parts[0]->substrate->species);
        self::assertSame('sanded', $document->steps[0]->technique, 'with its preparation');
        $this->assertSound($document);
    }

    /**
     * From a photo to an opened draft by mouse: the few colours that are seen in it are given to places, and what is found looks like them.
     */
    public function testFromAPhotoToARecipe(): void
    {
        $this->go('/recipes/new');
        $this->button('From a look or a photo')->click();
        $this->see('main form');
        $photo = self::photo(['#6c8088', '#e0d8c0']);
        $this->first(WebDriverBy::cssSelector('[data-testid=look-photo]'))->sendKeys($photo);
        $colours = fn (): array => array_map(
            static fn ($b): string => substr((string) $b->getAttribute('aria-label'), 0, 7),
            $this->browser->findElements(WebDriverBy::cssSelector('[data-testid=seen-colours] li button:first-of-type')),
        );
        $this->until(static fn (): bool => 2 === \count($colours()), 'two colours are seen in it');
        $this->assertAccessible('the photo');
        [$flat, $edge] = $colours();
        $this->clickInView($this->button("$flat for Flat areas"));
        $this->clickInView($this->button("$edge for Edges"));
        $this->clickInView($this->button('Done'));
        $this->choose('Wear', 'hard use');
        $this->clickInView($this->button('Find recipes'));
        $this->until(
            fn (): bool => [] !== $this->browser->findElements(WebDriverBy::cssSelector('[data-testid=so-far] li')),
            'some are near',
        );
        $this->untilFound();
        $this->clickInView($this->first(WebDriverBy::cssSelector('[data-testid=proposal] button')));
        $this->until(fn (): bool => [] !== $this->browser->findElements(WebDriverBy::cssSelector('[data-step]')), 'it is opened');
        $id = basename((string) parse_url($this->browser->getCurrentURL(), \PHP_URL_PATH));
        $this->assertSound($this->studio->json('GET', "/api/recipes/$id")->document);
    }

    /** By the keyboard alone; stopped in the middle, then asked again for less. */
    public function testALookIsAskedForByKeys(): void
    {
        $this->go('/recipes/new/look');
        $this->see('main form');
        $this->tabTo(fn (): bool => 'Flat areas' === $this->labelOfActive());
        $this->press('#b8a07a'.WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->main(), 'Trying finishes'), 'Enter begins the search');
        $this->tabTo(static fn (string $html): bool => str_contains($html, '>Stop<'));
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => !str_contains($this->main(), 'Trying finishes'), 'it is stopped');
        self::assertSame(200, $this->studio->ask('GET', '/api/health')->getStatusCode());
        $this->tabTo(fn (): bool => 'The wood shows' === $this->labelOfActive());
        $this->press(' ');
        $this->tabTo(static fn (string $html): bool => str_contains($html, 'Find recipes'));
        $this->press(WebDriverKeys::ENTER);
        $this->untilFound();
        $this->tabTo(static fn (string $html): bool => str_contains($html, 'Open as a recipe'));
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => [] !== $this->browser->findElements(WebDriverBy::cssSelector('[data-step]')), 'it is opened');
    }

    /** A photo in the light of a lamp: a ring on the white paper tells it, and what is ringed is read as it is by day. */
    public function testRingsAreReadInTheLightOfThePhoto(): void
    {
        $this->go('/recipes/new/look');
        $this->see('main form');
        $photo = self::photo(['#6c8088', '#c9b48a'], [0.8, 0.62, 0.36]);
        $this->first(WebDriverBy::cssSelector('[data-testid=look-photo]'))->sendKeys($photo);
        $picture = $this->see('[data-testid=photo]');
        $this->until(
            fn (): bool => 480 === $this->browser->executeScript('return document.querySelector("[data-testid=photo] img").naturalWidth'),
            'the photo is shown',
        );
        $at = fn (float $x, float $y) => $this->browser->action()->moveToElement(
            $picture,
            (int) (($x - 0.5) * $picture->getSize()->getWidth()),
            (int) (($y - 0.5) * $picture->getSize()->getHeight()),
        )->click()->perform();
        $is = function (string $label, string $colour): bool {
            $read = (string) $this->field($label)->getAttribute('value');

            return 1 === preg_match('/^#[0-9a-f]{6}$/', $read)
                && ColourDifference::between(Colour::of($read), Colour::of($colour))->deltaE < 3.0;
        };
        $this->button('Ring on edges')->click();
        $at(0.03, 0.5);
        $this->until(fn (): bool => '' !== $this->field('Edges')->getAttribute('value'), 'it is read as it is shown');
        self::assertFalse($is('Edges', '#c9b48a'), 'yellow, by the lamp');
        $this->choose('Something white or grey in it', 'white paper');
        $at(0.5, 0.5);
        $this->until(static fn (): bool => $is('Edges', '#c9b48a'), 'read anew once the light is known');
        $this->button('Ring on flat areas')->click();
        $picture->sendKeys(array_fill(0, 30, WebDriverKeys::ARROW_LEFT));
        $this->until(static fn (): bool => $is('Flat areas', '#6c8088'), 'by the keys');
        $this->until(
            fn (): bool => [] !== array_filter(
                $this->browser->findElements(WebDriverBy::cssSelector('[data-testid=seen-colours] li button:first-of-type')),
                static fn ($b): bool => ColourDifference::between(
                    Colour::of(substr((string) $b->getAttribute('aria-label'), 0, 7)),
                    Colour::of('#6c8088'),
                )->deltaE < 3.0,
            ),
            'what is seen without rings is read in that light too',
        );
    }

    /**
     * On a phone: a photo of a look, two of what is found are shown to a client, who chooses one on a computer of their own and says why;
     * the studio makes it a recipe.
     */
    public function testFromAPhotoOnAPhoneToTheClientsChoice(): void
    {
        $door = $this->openGuestDoor();
        $this->devtools(
            'Emulation.setDeviceMetricsOverride',
            ['width' => 390, 'height' => 844, 'deviceScaleFactor' => 2, 'mobile' => true],
        );
        $this->go('/recipes/new/look');
        $this->see('main form');
        $photo = self::photo(['#b0a58c', '#54605f']);
        $this->first(WebDriverBy::cssSelector('[data-testid=look-photo]'))->sendKeys($photo);
        $seen = '[data-testid=seen-colours] li:first-child button:first-of-type';
        $this->clickInView($this->see($seen));
        $this->clickInView($this->button('Done'));
        $this->clickInView($this->first(WebDriverBy::xpath("//label[.='Only from the shelf']")));
        $this->clickInView($this->button('Find recipes'));
        $this->untilFound();
        self::assertSame(
            $this->browser->executeScript('return document.documentElement.clientWidth'),
            $this->browser->executeScript('return document.documentElement.scrollWidth'),
            'nothing scrolls sideways',
        );
        $boxes = $this->browser->findElements(WebDriverBy::cssSelector('[data-testid=proposal] input[type=checkbox]'));
        $names = array_map(
            static fn ($e): string => $e->getText(),
            $this->browser->findElements(WebDriverBy::cssSelector('[data-testid=proposal] h2')),
        );
        $this->clickInView($boxes[0]);
        $this->clickInView($boxes[1]);
        $this->clickInView($this->button('Show the client (2)'));
        $this->assertAccessible('what the client will see');
        $this->write('Heading', 'Your cupboard');
        $this->until(
            fn (): bool => [] !== $this->browser->findElements(WebDriverBy::cssSelector('[aria-label="The link"]')),
            'Enter makes the link',
        );
        $link = (string) $this->see('[aria-label="The link"]')->getAttribute('value');
        self::assertStringStartsWith("$door/choose/", $link);

        $client = $this->newBrowser();
        $client->get($link);
        $this->until(
            static fn (): bool => 2 === \count($client->findElements(WebDriverBy::cssSelector('li canvas[data-parts]'))),
            'both are painted',
        );
        foreach ($names as $i => $name) {
            self::assertSame($i < 2, str_contains($this->text('main', $client), $name), $name);
        }
        $this->button('I like B', $client)->click();
        $this->field('Why B? (optional)', $client)->sendKeys('It is calmer');
        $this->button('Choose B', $client)->click();
        $this->until(fn (): bool => str_contains($this->text('main', $client), 'You have chosen B: “It is calmer”'), 'it is chosen');
        self::assertSame([], $client->findElements(WebDriverBy::xpath("//button[starts-with(., 'I like')]")), 'once');
        $client->quit();

        $this->go('/');
        $this->until(fn (): bool => str_contains($this->text('[data-testid=offers]'), "B, {$names[1]}, chosen"), 'the studio sees it');
        self::assertStringContainsString('“It is calmer”', $this->text('[data-testid=offers]'));
        $this->clickInView($this->button('Make it a recipe'));
        $this->until(fn (): bool => [] !== $this->browser->findElements(WebDriverBy::cssSelector('[data-step]')), 'it is opened');
        $id = basename((string) parse_url($this->browser->getCurrentURL(), \PHP_URL_PATH));
        $this->assertSound($this->studio->json('GET', "/api/recipes/$id")->document);
    }

    /** By the keyboard alone: a round for the eye, each answer told; what it tells of the eye stands where a pot is read by eye. */
    public function testTheEyeIsTrainedByKeys(): void
    {
        $this->go('/logbook');
        $this->tabTo(static fn (string $html): bool => str_contains($html, 'Train your eye'));
        $this->press(WebDriverKeys::ENTER);
        $this->see('[data-testid=eye-scores]');
        foreach (range(1, 2) as $round) {
            $this->tabTo(static fn (string $html): bool => str_contains($html, 'Start a round'));
            $this->press(WebDriverKeys::ENTER);
            foreach (range(1, 20) as $question) {
                $this->until(fn (): bool => str_contains($this->text('[data-testid=eye-round]'), "$question of 20"), 'it is asked');
                $this->press('1'); // whoever calls everything unthinned reads it as thicker
                $this->until(
                    fn (): bool => 1 === preg_match('/\n(Right|No)\. /', $this->text('[data-testid=eye-round]')),
                    'it is told',
                );
                $this->press(WebDriverKeys::ENTER);
            }
            $this->until(fn (): bool => str_contains($this->main(), 'Round complete'), "round $round is over");
            $this->press(WebDriverKeys::ENTER);
            $this->see('[data-testid=eye-scores]');
        }
        $this->until(
            fn (): bool => 1 === preg_match('/You read mixes as thicker than they are, by .+\./', $this->text('[data-testid=eye-scores]')),
            'the eye is found out',
        );
        self::assertSame(4, preg_match_all('/\d+ of 10/', $this->text('[data-testid=eye-scores]')));
        $this->go('/mix?task=stripe');
        $this->until(
            fn (): bool => str_contains($this->text('[data-testid=own-eye]'), 'thicker than they are'),
            'it is said where it matters',
        );
    }

    /**
     * The whole piece, every part as it looks by then: the mouldings turn gold with the step that gilds them, and the doors stay as they
     * are.
     */
    public function testTheWholePieceIsPaintedPartByPart(): void
    {
        $this->go('/recipes/'.$this->studio->recipe('cupboard')->id);
        $this->see('[data-testid=film]');
        $this->button('Whole piece')->click();
        $this->see('canvas[data-parts="6"]');
        $this->step('6. Outdoor topcoat');
        $this->until(fn (): bool => 0 === $this->painted('gold') && 20_000 < $this->painted('green'), 'green all over before it is gilded');
        $green = $this->painted('green');
        $this->step('7. Gold on the mouldings');
        $this->until(fn (): bool => 10 < $this->painted('gold'), 'gold once it is');
        self::assertGreaterThan(0.9 * $green, $this->painted('green'), 'the doors are as they were');
        $this->step('3. Block the knots');
        $this->until(fn (): bool => $green / 3 > $this->painted('green'), 'and before the colour there is none');
        $this->button('Close look')->click();
        $this->untilGone('canvas[data-parts]');
    }

    /** Thinned too far by mistake, a draft comes back to its target by its own figures: shown first, then applied, and one step to undo. */
    public function testADraftComesCloserToItsTarget(): void
    {
        $recipe = $this->studio->recipe('ticket');
        $this->go("/recipes/$recipe->id");
        $this->see('[data-testid=film]');
        $this->clickInView($this->button('Closer to the target'));
        $this->until(fn (): bool => str_contains($this->text('[data-testid=closer]'), 'brings it closer'), 'what is on target stays');
        $this->button('Close')->click();
        $this->step('4. Slate wash');
        $this->write('Ratio, for example 1:3', '1:6');
        $this->first(WebDriverBy::xpath("//button[contains(., ': 6 Water')]"))->click();
        $this->untilSaved();
        $this->clickInView($this->button('Closer to the target'));
        $this->until(fn (): bool => str_contains($this->text('[data-testid=closer]'), 'Slate wash'), 'what would change is said');
        $this->button('Apply')->click();
        $this->untilGone('[role=dialog]');
        $this->untilSaved();
        $kept = $this->studio->recipe('ticket')->document;
        self::assertNotSame('6', array_column($kept->mixes, null, 'id')['wash']->parts[1]->share);
        $target = $this->studio->json('POST', '/api/preview', ['document' => $kept])->preview->stacks[0]->look->target;
        self::assertLessThan(3.0, $target[0]->deltaE);
    }

    private function step(string $name): void
    {
        $this->clickInView($this->first(WebDriverBy::xpath("//*[@data-step][contains(., '$name')]")));
    }

    /** Pixels of the painted piece that are gold, or dark green. */
    private function painted(string $what): int
    {
        $count = $this->browser->executeScript(
            <<<'JS'
                const c = document.querySelector('canvas[data-parts]');
                const d = c.getContext('2d').getImageData(0, 0, c.width, c.height).data;
                let n = 0;
                for (let i = 0; i < d.length; i += 4) {
                  const [r, g, b, a] = [d[i], d[i + 1], d[i + 2], d[i + 3]];
                  if (a < 255) continue;
                  n += arguments[0] === 'gold' ? r > 140 && r > g + 20 && g > b + 40 : r < 80 && g < 90 && g >= r && b < 80;
                }
                return n;
                JS,
            [$what],
        );

        return \is_int($count) ? $count : -1;
    }

    private function chips(): int
    {
        return \count($this->browser->findElements(WebDriverBy::cssSelector('main li canvas')));
    }

    /** A search takes its time where other tests run beside it. */
    private function untilFound(): void
    {
        $this->browser->wait(90, 250)->until(
            static fn (RemoteWebDriver $b): bool => 1 < \count($b->findElements(WebDriverBy::cssSelector('[data-testid=proposal]'))),
            'recipes are found',
        );
    }

    private function assertSound(\stdClass $document): void
    {
        $findings = $this->studio->json('POST', '/api/preview', ['document' => $document])->preview->findings;
        self::assertSame([], array_filter($findings, static fn (\stdClass $f): bool => 'advise' !== $f->severity));
    }

    /**
     * A flat with a frame round it, with the noise of a camera.
     *
     * @param array{string, string}      $colours
     * @param array{float, float, float} $light   what each of its colours is dimmed to; then a white paper lies in the middle
     */
    private static function photo(array $colours, array $light = [1.0, 1.0, 1.0]): string
    {
        $image = imagecreatetruecolor(480, 360);
        \assert(false !== $image);
        mt_srand(5);
        $lit = static fn (Light $l): array => (new Light($light[0] * $l->red, $light[1] * $l->green, $light[2] * $l->blue))->codes();
        $codes = array_map(static fn (string $c): array => $lit(Light::of(Colour::of($c))), $colours);
        $codes[] = [1.0, 1.0, 1.0] === $light ? $codes[0] : $lit(new Light(0.9, 0.9, 0.9));
        for ($y = 0; $y < 360; ++$y) {
            for ($x = 0; $x < 480; ++$x) {
                $of = $codes[min($x, 479 - $x, $y, 359 - $y) < 30 ? 1 : (max(abs($x - 240), abs($y - 180)) < 40 ? 2 : 0)];
                [$r, $g, $b] = array_map(static fn (int $v): int => max(0, min(255, $v + mt_rand(-4, 4))), $of);
                imagesetpixel($image, $x, $y, ($r << 16) | ($g << 8) | $b);
            }
        }
        ob_start();
        imagepng($image);

        return self::file('look.png', (string) ob_get_clean());
    }
}
