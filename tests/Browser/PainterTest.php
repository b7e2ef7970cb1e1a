<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/**
 * What a painter does with the ticket rack, from opening it to finding it all again after a restart.
 */
final class PainterTest extends Rooms
{
    public function testByMouse(): void
    {
        $this->go('/');
        $this->first(WebDriverBy::xpath("//h2[.='Ticket rack, slate wash']"))->click();
        $this->row('4. Slate wash')->click();
        $this->clickInView($this->button('Show µm and ΔE'));
        [$film, $ready, $marks] = $this->profile();

        $this->write('Ratio, for example 1:3', '1:3');
        $this->button('1 Platform Slate, chalk-type : 3 Water (in 100 ml: 25 ml Platform Slate, chalk-type and 75 ml Water)')->click();
        $this->until(fn (): bool => $this->profile()[0] !== $film && $this->profile()[2] !== $marks, 'film and marks follow the ratio');
        self::assertStringContainsString('(36 µm after wiping) → 3.4 µm dry', $this->profile()[0]);

        $this->button('Add above')->click();
        $this->until(fn (): bool => $this->profile()[1] !== $ready, 'the plan follows the inserted coat');
        self::assertStringStartsWith('5. Brushed', $this->row('Brushed')->getText());

        $from = $this->row('Pale lips');
        $height = $from->getSize()->getHeight();
        (
            new WebDriverActions($this->browser)
        )->clickAndHold($from)->moveByOffset(0, -20)->moveByOffset(0, -(int) (3.2 * $height))->release()->perform();
        $this->until(fn (): bool => str_starts_with($this->row('Pale lips')->getText(), '8.'), 'the step lies on top where it was dragged');

        $this->keepAs('Thinner wash, lips last');
        $this->killServer();
        $this->startServer();
        $this->browser->navigate()->refresh();
        self::assertStringStartsWith('8.', $this->row('Pale lips')->getText());
        $this->row('4. Slate wash')->click();
        $this->until(fn (): bool => str_contains($this->profile()[0], '3.4 µm dry'), 'the ratio kept with the revision is still there');
        self::assertStringContainsString('from revision 3', $this->text('[data-testid=saving]'));

        $this->button('Revisions')->click();
        $this->until(
            fn (): bool => str_contains($this->text('[role=dialog]'), 'now 1 Platform Slate, chalk-type : 3 Water'),
            'the revisions are compared in words',
        );
        self::assertStringContainsString('Thinner wash, lips last', $this->text('[role=dialog]'));
    }

    public function testByKeyboardAlone(): void
    {
        $this->go('/');
        $this->see('h2');
        $this->press('/');
        $this->press('ticket');
        $this->until(
            fn (): bool => 1 === \count($this->browser->findElements(WebDriverBy::cssSelector('main li h2'))),
            'one recipe is found',
        );
        $this->tabTo(static fn (string $html): bool => str_contains($html, 'Ticket rack, slate wash') && str_starts_with($html, '<a'));
        $this->press(WebDriverKeys::ENTER);
        $this->see('[data-testid=film]');
        $this->tabTo(static fn (string $html): bool => str_contains($html, 'id="cut"'));
        [$film, $ready] = $this->profile();

        $this->press(WebDriverKeys::ENTER);
        $this->tabTo(fn (string $html): bool => 'Ratio, for example 1:3' === $this->labelOfActive());
        $this->press(WebDriverKeys::CONTROL.'a');
        $this->press('1:3');
        $this->press(WebDriverKeys::ENTER);
        $this->until(
            fn (): bool => str_contains($this->active(), '1 Platform Slate, chalk-type : 3 Water'),
            'the first reading has the focus',
        );
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => $this->profile()[0] !== $film, 'the film follows');

        $this->tabTo(static fn (string $html): bool => str_contains($html, 'id="cut"'));
        $this->press('i');
        $this->until(fn (): bool => $this->profile()[1] !== $ready, 'the plan follows');
        $this->press(WebDriverKeys::ALT.WebDriverKeys::ARROW_UP);
        $this->until(fn (): bool => str_starts_with($this->row('Brushed')->getText(), '6.'), 'the step moved up');
        $this->press(WebDriverKeys::CONTROL.'z');
        $this->until(fn (): bool => str_starts_with($this->row('Brushed')->getText(), '5.'), 'undone');
        $this->press(WebDriverKeys::CONTROL.WebDriverKeys::SHIFT.'z');
        $this->until(fn (): bool => str_starts_with($this->row('Brushed')->getText(), '6.'), 'and done again');
        $this->press(WebDriverKeys::CONTROL.'s');
        $this->see('[role=dialog] input');
        $this->press('By the keys');
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->text('[data-testid=saving]'), 'from revision 3'), 'it is kept');
    }

    public function testTheSecondWindowIsToldShownTheDifferenceAndLosesNothing(): void
    {
        $id = $this->studio->recipe()->id;
        $other = $this->newBrowser();
        try {
            foreach ([$this->browser, $other] as $window) {
                $this->go("/recipes/$id", $window);
                $this->see('[data-testid=film]', $window);
            }
            $this->write('Dwell', '9');
            $this->untilSaved();
            $this->write('Dwell', '7', $other);
            $this->until(
                fn (): bool => str_contains($this->text('[role=dialog]', $other), 'the dwell was 9 min, now 7 min'),
                'the second window is shown the difference',
            );
            $this->assertAccessible('two versions', $other);
            $this->button('Use the newer version (undo brings yours back)', $other)->click();
            $this->until(fn (): bool => '9' === $this->field('Dwell', $other)->getAttribute('value'), 'it has the newer one');
            $this->button('Undo', $other)->click();
            $this->until(fn (): bool => '7' === $this->field('Dwell', $other)->getAttribute('value'), 'and its own in undo');
            $this->untilSaved($other);
            self::assertSame(7, $this->studio->json('GET', "/api/recipes/$id")->document->steps[3]->dwell);
        } finally {
            $other->quit();
        }
    }

    public function testADraftSurvivesAnUnreachableServerAndAReload(): void
    {
        $id = $this->studio->recipe()->id;
        $this->go("/recipes/$id");
        $this->see('[data-testid=film]');
        $this->killServer();
        $this->write('Dwell', '11');
        $this->until(fn (): bool => str_contains($this->text('[data-testid=saving]'), 'saved in this browser'), 'the painter is told');
        $this->startServer();
        $this->browser->navigate()->refresh();
        $this->until(fn (): bool => '11' === $this->field('Dwell')->getAttribute('value'), 'the edit is there after the reload');
        $this->untilSaved();
        self::assertSame(11, $this->studio->json('GET', "/api/recipes/$id")->document->steps[3]->dwell);
    }

    public function testNonsenseIsAnsweredInWordsAndStaysInTheField(): void
    {
        $this->go('/recipes/'.$this->studio->recipe()->id);
        $this->see('[data-testid=film]');
        foreach ([
            '1:0' => '1:0 leaves only one ingredient.',
            '1:-3' => 'A part can\'t be negative',
            'a lot' => 'isn\'t a ratio',
            '2:1:1' => 'has 3 parts but there are 2 ingredients',
        ] as $nonsense => $says) {
            $this->write('Ratio, for example 1:3', $nonsense);
            $this->until(fn (): bool => str_contains($this->text('#step-panel'), $says), "\"$nonsense\" is answered");
            self::assertSame($nonsense, $this->field('Ratio, for example 1:3')->getAttribute('value'));
        }
        $this->write('Coats', '-2');
        $this->until(fn (): bool => str_contains($this->text('#step-panel'), 'Enter 1'), 'coats are refused');
        $this->write('Left on after wiping', '180');
        $this->until(
            fn (): bool => str_contains($this->text('[role=alert]'), 'between 0 and 1'),
            'the program says what it cannot work out',
        );
        $this->until(
            fn (): bool => 'refused' === $this->see('[data-testid=saving]')->getAttribute('data-state'),
            'nothing of it is stored',
        );
        $this->button('Undo')->click();
        $this->untilSaved();
    }

    /**
     * @return array{string, string, string} film, "ready on", marks
     */
    private function profile(): array
    {
        return [
            $this->text('[data-testid=film]'),
            $this->first(WebDriverBy::xpath("//*[@data-testid='ready-on']/.."))->getText(),
            (string) $this->see('#step-panel svg[role=img]')->getAttribute('aria-label'),
        ];
    }

    private function row(string $name): \Facebook\WebDriver\Remote\RemoteWebElement
    {
        $this->until(
            fn (): bool => [] !== $this->browser->findElements(WebDriverBy::xpath("//*[@data-step][contains(., '$name')]")),
            "the step $name is there",
        );

        return $this->first(WebDriverBy::xpath("//*[@data-step][contains(., '$name')]"));
    }

    private function keepAs(string $reason): void
    {
        $this->untilSaved();
        $this->button('Save revision')->click();
        $this->see('[role=dialog] input')->sendKeys($reason);
        $this->button('Save')->click();
        $this->until(fn (): bool => str_contains($this->text('[data-testid=saving]'), 'from revision 3'), 'the revision is kept');
    }
}
