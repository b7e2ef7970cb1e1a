<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Facebook\WebDriver\WebDriverKeys;

/**
 * What a painter does around the coats: again until it is enough, masked meanwhile, cleaned up after, from what is left on the shelf.
 */
final class OpenWorkTest extends Rooms
{
    public function testACoatIsLaidAgainUntilItHides(): void
    {
        $stools = $this->studio->recipe('stools');
        $this->go("/recipes/$stools->id");
        $this->step('Ochre');
        $this->unfold('Rarely needed');
        $this->choose('Repeat', 'until it hides');
        $this->until(
            fn (): bool => str_starts_with($this->text('[data-testid=rounds]'), '1 to 4 coats, 2 expected'),
            'at least, as expected and at most',
        );
        self::assertMatchesRegularExpression(
            '/\d+ min to .* · 401 ml to 1.6 l · at most € \d/',
            $this->text('[data-testid=rounds]'),
            'time, amount and money as spans',
        );
        self::assertStringContainsString('at the earliest', $this->text('[data-testid=span]'));

        $this->write('Maximum coats', '3');
        $this->until(fn (): bool => str_starts_with($this->text('[data-testid=rounds]'), '1 to 3 coats'), 'fewer');
        $this->write('Expected coats', '5');
        $this->until(
            fn (): bool => str_starts_with($this->text('[data-testid=rounds]'), '1 to 5 coats, 5 expected'),
            'no more can be expected than allowed',
        );
        $this->choose('If still not done', 'do “Penetrating oil”');
        $this->step('Penetrating oil');
        $this->until(fn (): bool => str_contains($this->text('[data-testid=rounds]'), 'or none'), 'a last resort');
        $this->untilSaved();
        $kept = $this->studio->recipe('stools')->document->steps[4];
        self::assertEquals(
            [5, (object) ['until' => 'hides', 'least' => 1, 'most' => 5, 'otherwise' => 's7']],
            [$kept->coats, $kept->repeat],
        );

        $this->button('Remove')->click();
        $this->step('Ochre');
        $this->until(fn (): bool => !str_contains($this->text('[data-testid=rounds]'), 'fallback'), 'without it nothing is done then');
        $this->button('Materials')->click();
        $this->until(
            fn (): bool => 1 === preg_match('/Halt Ochre[\s\S]*?\d ml to [\d.]+ m?l/', $this->dialog()),
            'a span in the shopping too',
        );
    }

    public function testWhatDripsIsMaskedAndTheTapeIsPulled(): void
    {
        $this->go('/recipes/'.$this->studio->recipe('ticket')->id);
        $this->step('Cream undertone');
        $this->unfold('Where: the whole piece');
        $this->clickInView($this->first(WebDriverBy::xpath(
            "//fieldset[contains(., 'the whole piece')]//label[.='Pigeon-holes']",
        )));
        $this->until(
            fn (): bool => str_contains($this->main(), 'creeps onto Case, where it would show'),
            'the wash would mark the bare case',
        );
        $this->findAFix('not-masked');
        $this->button('Mask it')->click();
        $this->button('Apply')->click();
        $this->until(
            fn (): bool => 1 === preg_match(
                '/m of tape, .* m² of sheet.*\n*remove tape between .* \(before touch-dry\)/s',
                $this->text('[data-testid=masking]'),
            ),
            'how much, and when it is pulled',
        );
        self::assertTrue($this->first(WebDriverBy::cssSelector('[aria-label="Mask Case"]'))->isSelected());
        $this->button('Materials')->click();
        $this->until(fn (): bool => str_contains($this->dialog(), 'm of masking tape'), 'it is counted');
        $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
        $this->button('Bench sheet')->click();
        $this->until(
            fn (): bool => str_contains($this->main(), 'Mask first:') && str_contains($this->main(), 'remove tape by'),
            'and stands on the bench sheet',
        );
    }

    public function testRagsFlamesAndTheDayOfUse(): void
    {
        $stools = $this->studio->recipe('stools');
        $this->go("/recipes/$stools->id");
        $this->see('[data-testid=findings]');
        $this->button('Materials')->click();
        $this->until(fn (): bool => str_contains($this->dialog(), 'can self-heat and catch fire'), 'the danger is said');
        $this->choose('Store rags', 'balled up or in a bin');
        $this->button('Close')->click();
        $this->step('Penetrating oil');
        $this->findAFix('rags-balled-up');
        $this->button('Store rags: under water in a lidded metal can')->click();
        $this->button('Apply')->click();
        $this->untilGone('[data-finding=rags-balled-up]');
        $this->untilSaved();
        self::assertSame('water', $this->studio->recipe('stools')->document->cleanUp->rags);

        $this->go("/recipes/$stools->id/piece");
        $this->clickInView($this->browser->wait(15, 50)->until(WebDriverExpectedCondition::elementToBeClickable(WebDriverBy::xpath(
            "//button[contains(., 'Title, use, wear')]",
        ))));
        $this->field('First use')->sendKeys((new \DateTimeImmutable('+2 days'))->format('dmY'));
        $this->until(fn (): bool => str_contains($this->text('[data-testid=findings]'), ' finding'), 'something speaks against it');
        $this->see('[data-testid=findings]')->click();
        $this->until(fn (): bool => str_contains($this->dialog(), 'only on'), 'it will not have cured');

        $this->go('/settings');
        $this->until(fn (): bool => str_contains($this->main(), 'Open flame'), 'the settings are there');
        $this->clickInView($this->first(WebDriverBy::xpath("//label[contains(., 'Open flame')]")));
        $this->until(fn (): bool => true === ($this->studio->json('GET', '/api/settings')->settings->flame ?? null), 'it is kept');
        $this->go('/recipes/'.$this->studio->recipe('frame')->id);
        $this->until(fn (): bool => str_contains($this->text('[data-testid=findings]'), 'finding'), 'worked out');
        $this->clickInView($this->first(WebDriverBy::xpath("//button[contains(., 'steps on other parts')]")));
        $this->step('Hooks black');
        $this->until(fn (): bool => str_contains($this->main(), 'sprays a flammable mist'), 'the spray can beside the stove');
    }

    public function testWhatIsLeftOnTheShelfIsNotBought(): void
    {
        $this->go('/shelf');
        $this->button('Signal Cream, chalk-type')->click();
        $this->write('In stock', 'a bit');
        $this->until(fn (): bool => str_contains($this->main(), 't an amount'), 'nonsense is said');
        $this->write('In stock', '2000');
        $this->until(
            fn (): bool => [] !== array_filter(
                $this->studio->json('GET', '/api/stock')->left,
                static fn (\stdClass $l): bool => 'signal-cream' === $l->material && '2000' === $l->amount,
            ),
            'it is kept at once',
        );
        $this->go('/recipes/'.$this->studio->recipe('frame')->id);
        $this->until(fn (): bool => str_contains($this->text('[data-testid=findings]'), 'finding'), 'worked out');
        $this->button('Materials')->click();
        $this->until(fn (): bool => str_contains($this->dialog(), 'in stock: 2 l, enough'), 'nothing of it is to be bought');
    }

    /** A shelf is counted in a spreadsheet and pasted; what cannot be is told by its line, and what was typed is still there. */
    public function testAShelfIsCountedAtOnce(): void
    {
        $this->go('/shelf');
        $this->button('Paste a table')->click();
        $rows = function (string $text): void {
            $field = $this->see('[role=dialog] textarea:not([readonly])');
            $this->browser->executeScript('arguments[0].focus(); document.execCommand("insertText", false, arguments[1])', [$field, $text]);
        };
        $rows("Signal Cream, chalk-type\t1500\tml\t\t2027-03-01\nVelvet\t3\tml\n");
        self::assertStringContainsString(
            "Name\tLeft\tUnit",
            (string) $this->see('[role=dialog] textarea:not([readonly])')->getAttribute('value'),
        );
        $this->button('Check')->click();
        $this->until(fn (): bool => str_contains($this->text('body'), 'Line 3: No material “Velvet” on the shelf.'), 'it is told');
        $this->button('Close')->click();
        $this->see('[role=dialog] textarea:not([readonly])')->sendKeys(str_repeat(WebDriverKeys::BACKSPACE, \strlen('Velvet 3 ml ')));
        $this->button('Check')->click();
        $this->until(fn (): bool => str_contains($this->text('body'), '1500 ml, use by 2027-03-01'), 'what it will do');
        $this->button('Import 1 line')->click();
        $this->until(fn (): bool => str_contains($this->main(), '1.5 l, by Mon 1 Mar'), 'it stands in the list');
    }

    /** Two recipes at once: put away, brought back by undo; the list by wood and by title. */
    public function testSeveralRecipesAtOnce(): void
    {
        $this->go('/');
        $titles = fn (): array => array_map(
            static fn ($e): string => $e->getText(),
            $this->browser->findElements(WebDriverBy::cssSelector('main li h2')),
        );
        $this->until(static fn (): bool => 7 === \count($titles()), 'all are there');
        $this->choose('Sort by', 'title');
        $this->until(static fn (): bool => str_starts_with($titles()[0], 'Lamp cupboard'), 'by title');
        foreach (['Lamp cupboard, engine green and gold', 'Platform stools, worn ochre'] as $title) {
            $this->clickInView($this->first(WebDriverBy::cssSelector("[aria-label='Choose $title']")));
        }
        $this->clickInView($this->first(WebDriverBy::xpath("//*[@aria-label='Chosen']//button[.='Archive']")));
        $this->until(static fn (): bool => 5 === \count($titles()), 'both are gone');
        $this->until(fn (): bool => str_contains($this->text('body'), '2 recipes archived'), 'it is said');
        $this->clickInView($this->first(WebDriverBy::cssSelector('.MuiSnackbar-root button')));
        $this->until(static fn (): bool => 7 === \count($titles()), 'undo brings them back');
        $this->choose('Wood', 'beech (1)');
        $this->until(static fn (): bool => ['Platform stools, worn ochre'] === $titles(), 'by wood');
    }

    private function step(string $name): void
    {
        $this->until(
            fn (): bool => [] !== $this->browser->findElements(WebDriverBy::xpath("//*[@role='option'][contains(., '$name')]")),
            "$name is there",
        );
        $this->clickInView($this->first(WebDriverBy::xpath("//*[@role='option'][contains(., '$name')]")));
        $this->until(fn (): bool => str_contains($this->text('#step-panel h2'), $name), "$name is open");
    }

    private function dialog(): string
    {
        return $this->text('[role=dialog]');
    }

    private function findAFix(string $rule): void
    {
        $this->clickInView($this->first(WebDriverBy::xpath("//*[@data-finding='$rule']//button[.='Find a fix']")));
    }
}
