<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/**
 * The flawed recipe: what will go wrong is seen, mended at a press, taken back, or kept with a reason.
 */
final class FindingsTest extends Rooms
{
    public function testTheFlawedRecipeIsMendedByRemediesAlone(): void
    {
        $frame = $this->studio->recipe('frame');
        $this->go("/recipes/$frame->id");
        $this->see('[data-testid=film]');
        $this->findings('8 findings')->click();
        $this->until(fn (): bool => 8 === \count($this->rules()), 'eight findings, all different');
        self::assertSame('water-over-wax', $this->rules()[0], 'the gravest first');
        $this->click('//summary');
        $this->until(
            fn (): bool => str_contains($this->dialog(), 'Water-based coats bead up on wax')
                && str_contains($this->dialog(), 'surface tension'),
            'why, and where that is known from',
        );

        $before = $this->studio->recipe('frame')->document;
        $this->firstRemedy();
        $this->until(fn (): bool => str_contains($this->dialog(), 'This will change:'), 'it is shown what it would change');
        $this->button('Cancel')->click();
        self::assertEquals($before, $this->studio->recipe('frame')->document, 'to ask changes nothing');

        while (0 < $left = \count($this->rules())) {
            $this->firstRemedy();
            $this->button('Apply')->click();
            $this->until(fn (): bool => \count($this->rules()) < $left, 'it is mended');
        }
        $this->until(fn (): bool => str_contains($this->dialog(), 'No findings'), 'all is mended');
        $this->button('Close')->click();
        $this->untilSaved();
        self::assertCount(
            \count($before->steps) + 7,
            $this->studio->recipe('frame')->document->steps,
            'dust, a primer, a rinse, a scuff and its dust, a topcoat, a grit between',
        );

        $this->button('Undo')->click();
        $this->findings('1 finding');
        $this->button('Redo')->click();
        $this->findings('No findings');
    }

    public function testAFindingIsKeptWithAReasonAndIsLookedUpAtItsStep(): void
    {
        $this->go('/recipes/'.$this->studio->recipe('frame')->id);
        $this->see('[data-testid=film]');
        $this->findings('8 findings')->click();
        $this->click("//button[.='Accept …']");
        self::assertFalse($this->inDialog("//button[.='Accept']")->isEnabled(), 'not without a reason');
        $this->write('Reason for accepting', 'Only a sample board');
        $this->until(
            fn (): bool => str_contains($this->dialog(), '7 findings') && str_contains($this->dialog(), 'Accepted: Only a sample board'),
            'it is kept, and why',
        );
        $this->untilSaved();
        self::assertSame('Only a sample board', $this->studio->recipe('frame')->document->accepted[0]->reason);
        $this->click("//button[.='Reopen']");
        $this->until(fn (): bool => str_contains($this->dialog(), '8 findings'), 'it counts again');
        $this->click("//button[.='Go to step']");
        $this->until(fn (): bool => str_contains($this->main(), 'It will peel'), 'the finding stands at its step');
        $this->button('Find a fix')->click();
        $this->button('Wax after “Matt clear on the frame”');
        $this->button('Bench sheet')->click();
        $this->until(
            fn (): bool => str_contains($this->main(), 'Stop: “Matt clear on the frame”'),
            'and on the paper that lies on the bench',
        );
    }

    /**
     * Wet gloves and a keyboard: from the cut to the list, to a remedy, and done, without the mouse.
     */
    public function testAFindingIsMendedByTheKeyboardAlone(): void
    {
        $this->go('/recipes/'.$this->studio->recipe('frame')->id);
        $this->see('[data-testid=film]');
        $this->findings('8 findings');
        $this->browser->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'k', WebDriverKeys::NULL]);
        $this->see('[role=dialog] input');
        $this->press('findings');
        $this->until(fn (): bool => str_contains($this->dialog(), 'Findings'), 'it is reached by name');
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->dialog(), '8 findings'), 'the list is open');
        $this->tabTo(static fn (string $html): bool => str_contains($html, 'Add a dusting step'));
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->dialog(), 'This will change:'), 'shown first');
        $this->tabTo(static fn (string $html): bool => str_contains($html, 'Apply'));
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->dialog(), '7 findings'), 'mended');
        $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
        $this->findings('7 findings');
        $this->browser->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL]);
        $this->findings('8 findings');
    }

    /**
     * A shelf without what a remedy needs: it is said what is missing, and there is nothing to press.
     */
    public function testWhatCannotBeMendedIsSaid(): void
    {
        foreach (['stain-blocking-primer', 'stain-blocking-primer-water'] as $id) {
            $this->studio->json('POST', "/api/materials/$id/archive");
        }
        $frame = $this->studio->recipe('frame');
        $this->go("/recipes/$frame->id");
        $this->findings('8 findings')->click();
        $this->until(
            fn (): bool => str_contains($this->dialog(), 'Add a stain-blocking primer: Nothing on the shelf fits: a primer'),
            'what is missing is said',
        );
        self::assertSame(
            [],
            $this->browser->findElements(WebDriverBy::xpath("//button[.='Add a stain-blocking primer']")),
            'only what helps can be pressed',
        );
        $this->click("//button[.='Close']");
        self::assertEquals($frame->document, $this->studio->recipe('frame')->document);
    }

    /**
     * @return list<string>
     */
    private function rules(): array
    {
        return array_values(array_unique(array_map(
            static fn ($e): string => (string) $e->getAttribute('data-finding'),
            $this->browser->findElements(WebDriverBy::cssSelector('[role=dialog] [data-finding]')),
        )));
    }

    private function firstRemedy(): void
    {
        $this->click('//*[@data-finding]//button[@aria-pressed]');
    }

    /** Presses a button of the dialog, as soon as it stands still. */
    private function click(string $xpath): void
    {
        $this->until(function () use ($xpath): bool {
            try {
                $this->inDialog($xpath)->click();

                return true;
            } catch (ElementClickInterceptedException) {
                return false;
            }
        }, "$xpath is pressed");
    }

    private function inDialog(string $xpath): RemoteWebElement
    {
        return $this->first(WebDriverBy::xpath("(//*[@role='dialog']$xpath)[1]"));
    }

    private function findings(string $said): RemoteWebElement
    {
        $this->until(fn (): bool => str_ends_with($this->text('[data-testid=findings]'), $said), "it says $said");

        return $this->see('[data-testid=findings]');
    }

    private function dialog(): string
    {
        return $this->text('[role=dialog]');
    }
}
