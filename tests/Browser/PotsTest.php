<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/**
 * At the Mix page, with a pot in hand.
 */
final class PotsTest extends Rooms
{
    /**
     * The over-thinned slate wash: one thing to add; in a jar that is too small some is poured off first; what was done is booked, and the
     * pot is as wanted.
     */
    public function testAnOverThinnedPotIsRescued(): void
    {
        $this->go('/shelf/pots');
        $this->open('Slate wash, too thin');
        $this->until(fn (): bool => str_contains($this->main(), '1 Platform Slate, chalk-type : 5 Water'), 'the pot is open');
        $this->button('Correct')->click();
        $this->until(fn (): bool => str_contains($this->text('[data-testid=correction]'), '90 ml Platform Slate'), 'the one thing to add');
        $this->write('Pot capacity', '400 ml');
        $this->until(fn (): bool => str_contains($this->text('[data-testid=correction]'), 'Pour off 40 ml first'), 'it does not go in');
        self::assertStringContainsString('80 ml Platform Slate', $this->text('[data-testid=correction]'));
        $this->write('Pot capacity', '300 ml');
        $this->until(fn (): bool => str_contains($this->main(), 'The contents are more than the pot capacity.'), 'nonsense is told');
        $this->write('Pot capacity', '400 ml');
        $this->until(fn (): bool => str_contains($this->text('[data-testid=correction]'), 'Pour off 40 ml first'), 'and mended');
        $this->clickInView($this->first(WebDriverBy::xpath(
            "//button[starts-with(normalize-space(), 'Record in “')]",
        )));
        $this->until(fn (): bool => str_contains($this->text('[data-testid=correction]'), 'The mix is right'), 'the pot is right');
        $this->go('/shelf/pots');
        $this->until(
            fn (): bool => str_contains($this->main(), 'Slate wash, too thin, poured off'),
            'what was poured off is a pot of its own',
        );
        $this->open('Slate wash, too thin');
        $this->until(
            fn (): bool => str_contains($this->main(), '400 ml') && str_contains($this->main(), '1 Platform Slate, chalk-type : 2 Water'),
            'the pot is as wanted',
        );
    }

    /**
     * A wash is mixed and kept, some of it used, its label printed with a code that opens it.
     */
    public function testAPotFromTheMixingBenchToItsLabel(): void
    {
        $this->go('/mix');
        $this->write('Pot name', 'First wash');
        $this->write('Storage', 'window sill');
        $this->button('Save as pot')->click();
        $this->button('Open pot')->click();
        $this->until(
            fn (): bool => str_contains($this->main(), 'First wash') && str_contains($this->main(), 'window sill'),
            'the pot stands on the shelf',
        );
        self::assertStringContainsString('150 ml', $this->main());
        $this->write('Amount', '60 ml');
        $this->write('Note', 'a first try');
        $this->button('Record use')->click();
        $this->until(fn (): bool => str_contains($this->text('[data-testid=became]'), 'a first try'), 'what became of it is kept');
        self::assertStringContainsString('90 ml', $this->main());
        $this->write('Top up with', '30 ml');
        $this->button('Record addition')->click();
        $this->until(fn (): bool => str_contains($this->main(), '120 ml'), 'topped up');
        $this->write('Amount', '121 ml');
        $this->button('Record discard')->click();
        $this->until(
            fn (): bool => str_contains($this->main(), 'Not enough in stock. Enter a smaller amount.'),
            'no more is thrown away than there is',
        );

        $this->button('Label')->click();
        $label = $this->text('[data-testid=label]');
        self::assertStringContainsString('First wash', $label);
        self::assertStringContainsString('Platform Slate', $label);
        $code = $this->first(WebDriverBy::cssSelector('[data-testid=label] svg'));
        self::assertGreaterThan(80, $code->getSize()->getWidth(), 'the code is large enough to be read');
    }

    /**
     * Two rests make 120 ml of the wash without anything new; poured together they are one pot.
     */
    public function testLeftoversAreUsedUp(): void
    {
        $this->go('/mix?task=up');
        $this->until(
            fn (): bool => 2 === \count($this->browser->findElements(WebDriverBy::xpath("//label[normalize-space()='Name']"))),
            'two leftovers',
        );
        $ratio = $this->field('Ratio, for example 1:3');
        $ratio->sendKeys(WebDriverKeys::CONTROL.'a');
        $ratio->sendKeys('1:2'.WebDriverKeys::ENTER);
        $reading = WebDriverBy::xpath("//button[starts-with(normalize-space(), '1 Platform Slate')]");
        $this->until(fn (): bool => [] !== $this->browser->findElements($reading), 'both readings are shown');
        $this->first($reading)->click();
        foreach (['Slate wash, strong rest, 80 ml', 'Slate wash, too thin, 360 ml'] as $pot) {
            $this->clickInView($this->field('A pot from the shelf'));
            $this->pick($pot);
        }
        // 40 : 40 and 60 : 300; all of the strong one and 2/9 of the thin one (1 : 2 of both together)
        $this->until(fn (): bool => str_contains($this->text('[data-testid=pool]'), '160 ml of A wash'), 'so much can be made');
        self::assertStringContainsString('All 80 ml of Slate wash, strong rest', $this->text('[data-testid=pool]'));
        self::assertStringContainsString('80 ml of Slate wash, too thin (280 ml left over)', $this->text('[data-testid=pool]'));
        $this->clickInView($this->first(WebDriverBy::xpath("//button[starts-with(normalize-space(), 'Save as pot “')]")));
        $this->go('/shelf/pots');
        $this->until(fn (): bool => str_contains($this->main(), 'A wash') && str_contains($this->main(), '280 ml'), 'they are one pot');
        self::assertStringContainsString('Empty', $this->main());
    }

    /**
     * From a step of the cupboard to the bench and to a pot: what that step needs, of the nested mix, with the step on its label.
     */
    public function testAPotForAStepOfTheBook(): void
    {
        $this->go('/recipes/'.$this->studio->recipe('cupboard')->id);
        $this->button('Open in Mix')->click();
        $this->until(
            fn (): bool => str_contains($this->main(), 'Smoke glaze: 5 Glazing medium, water-based : 1 Smoke colour'),
            'the mix of the step',
        );
        $this->button('Save as pot')->click();
        $this->button('Open pot')->click();
        $this->until(fn (): bool => str_contains($this->main(), '252 ml'), 'as much as was measured');
        $this->button('Label')->click();
        self::assertStringContainsString('for Lamp cupboard, engine green and gold, “Smoke glaze”', $this->text('[data-testid=label]'));
        self::assertSame(
            ['glazing-medium', 'lamp-soot', 'platform-slate', 'poppy-bank'],
            array_column($this->studio->json('GET', '/api/pots')->pots[0]->materials, 'id'),
        );
    }

    /**
     * By keyboard on the stand-in scale: the paint is poured too much, the water follows, and what was really poured is kept as a pot in
     * the ratio.
     */
    public function testAMixIsPouredOnTheScale(): void
    {
        $this->studio->json('PUT', '/api/scale', ['grams' => 0]);
        $this->go('/mix?task=scale');
        $this->pressOnceSettled('Tare');
        $this->until(fn (): bool => str_contains($this->text('[data-testid=pour-now]'), 'until 53.3 g'), 'the paint first');
        $this->lies(40.0, 'g to go');
        $this->lies(53.3, 'Stop');
        $this->button('Pour')->sendKeys(WebDriverKeys::SPACE); // 2.3 g more
        $this->until(fn (): bool => str_contains($this->main(), 'Overpoured'), 'the rest follows');
        $this->pressOnceSettled('Next: Water');
        $this->until(fn (): bool => str_contains($this->text('[data-testid=pour-now]'), 'Pour Water until'), 'then the water');
        $water = fn (): float => 1 === preg_match('/until ([\d.]+) g/', $this->text('[data-testid=pour-now]'), $m) ? (float) $m[1] : 0.0;
        // while the scale moves the answer may still be of before
        $this->until(static fn (): bool => $water() > 112.6, 'more of it than for 150 ml');
        $this->lies(55.6 + $water(), 'Stop');
        $this->pressOnceSettled('Finish');
        $this->see('[data-testid=pour-done]');
        $this->write('Pot name', 'Poured by weight');
        $this->button('Save as pot')->click();
        $this->button('Open pot')->click();
        $this->until(
            fn (): bool => str_contains($this->main(), 'Poured by weight')
                && 1 === preg_match('/1 Platform Slate, chalk-type : (2\.9\d|3(\.0\d)?) Water/', $this->main()),
            'it is in the ratio, to a scale\'s tenth',
        );
    }

    /**
     * A colour is wanted; the nearest mix of the shelf's paints is shown beside it, and at a press it is the mix.
     */
    public function testAColourIsMatchedAndBecomesTheMix(): void
    {
        $this->go('/mix?task=match');
        $this->until(fn (): bool => str_contains($this->text('[data-testid=match]'), 'ΔE'), 'a first match');
        $first = $this->text('[data-testid=match] h2');
        $this->write('Target colour', '#919aa0');
        $this->until(fn (): bool => $first !== $this->text('[data-testid=match] h2'), 'another colour, another mix');
        $words = $this->text('[data-testid=match] h2');
        $this->write('Target colour', 'grey');
        $this->until(fn (): bool => str_contains($this->main(), 't a colour code'), 'nonsense is told');
        $this->button('Use this mix')->click();
        $this->until(fn (): bool => str_contains($this->main(), "A match: $words"), 'it is the mix, and is measured out');
    }

    /** A scale that is still moving takes the button away again, perhaps just before it is pressed. */
    private function pressOnceSettled(string $button): void
    {
        $this->until(function () use ($button): bool {
            try {
                $this->first(WebDriverBy::xpath(
                    "//button[starts-with(normalize-space(), '$button') and not(@disabled)]",
                ))->click();

                return true;
            } catch (ElementClickInterceptedException|ElementNotInteractableException) {
                return false;
            }
        }, "\"$button\" is pressed once the scale has settled");
    }

    /** As a real scale would, says what lies on it. */
    private function lies(float $grams, string $until): void
    {
        $this->studio->json('PUT', '/api/scale', ['grams' => $grams]);
        $this->until(fn (): bool => str_contains($this->main(), $until), "it says \"$until\"");
        $this->until(fn (): bool => $this->studio->json('GET', '/api/scale')->settled, 'it settles');
    }

    private function open(string $pot): void
    {
        $path = WebDriverBy::xpath(
            "//main//button[.//span[starts-with(normalize-space(), '$pot') and not(contains(normalize-space(), 'poured off'))]]",
        );
        $this->until(fn (): bool => [] !== $this->browser->findElements($path), "\"$pot\" is on the shelf");
        $this->first($path)->click();
    }
}
