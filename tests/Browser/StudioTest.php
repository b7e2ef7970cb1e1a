<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/**
 * The rooms around the recipe: the book, the Mix page, the shelf, the settings and the bench sheet.
 */
final class StudioTest extends Rooms
{
    public function testTheBook(): void
    {
        $this->go('/');
        $this->button('Archive Parcel counter, tea brown and hard oil')->click();
        $this->until(fn (): bool => 6 === $this->chips(), 'it is put away');
        $this->button('Undo')->click();
        $this->until(fn (): bool => 7 === $this->chips(), 'and out again');

        $file = self::file('half.json', '{"format": "inlaid-recipe", "version": 1, "title": "Half", "colour": "red"}');
        $this->first(WebDriverBy::cssSelector('input[type=file]'))->sendKeys($file);
        $this->until(
            fn (): bool => str_contains($this->text('[role=dialog]'), 'Unknown field “colour”'),
            'a bad file is answered place by place',
        );
        self::assertStringContainsString('/document/piece', $this->text('[role=dialog]'));
        self::assertSame(7, $this->studio->json('GET', '/api/recipes')->total);

        $this->button('Close')->click();
        $this->untilGone('[role=dialog]');
        $this->button('New recipe')->click();
        $this->button('Empty recipe')->click();
        $this->until(
            fn (): bool => str_contains($this->first(WebDriverBy::tagName('main'))->getText(), 'No steps yet'),
            'a new recipe is bare wood',
        );
        $this->button('Add above')->click();
        $this->until(fn (): bool => str_starts_with($this->text('[data-step]'), '1. Sanded'), 'its first step');
        $this->untilSaved();
        self::assertSame(8, $this->studio->json('GET', '/api/recipes')->total);
    }

    /** Out of the settings as one file, and back after the book has changed: looked over first, then in the place of what is there. */
    public function testTheWholeStudioAsOneFile(): void
    {
        $file = self::file('studio.zip', $this->studio->bundle());
        $recipe = $this->studio->recipe();
        $recipe->document->title = 'Not what it was';
        $this->studio->json('PUT', "/api/recipes/$recipe->id/draft", ['version' => $recipe->version, 'document' => $recipe->document]);

        $this->go('/settings');
        $this->button('Import');
        $this->give('Import', $file);
        $this->until(fn (): bool => str_contains($this->text('[role=dialog]'), 'will be added as a copy'), 'it is told what would be');
        $this->assertAccessible('what an import would change');
        self::assertStringContainsString('Not what it was', $this->studio->recipe('not what')->document->title, 'and nothing is kept yet');
        $this->button('Replace this studio')->click();
        $this->until(
            fn (): bool => 7 === $this->chips() && str_contains($this->main(), 'Ticket rack, slate wash'),
            'the book is what it was',
        );
        self::assertStringNotContainsString('Not what it was', $this->main());

        $table = self::file('stock.csv', "Name;Left;Unit\n\"Platform Slate, chalk-type\";80;ml\n");
        $this->go('/shelf');
        $this->button('Import stock');
        $this->give('Import stock', $table);
        $this->until(
            fn (): bool => str_contains($this->text('[role=dialog]'), 'Platform Slate, chalk-type: not counted → 80 ml'),
            'line by line',
        );
        $this->button('Import 1 line')->click();
        $this->until(
            fn (): bool => str_contains(
                \Inlaid\App\Exchange\Json::encode($this->studio->json('GET', '/api/stock')),
                '"platform-slate","amount":"80"',
            ),
            'it is on the shelf',
        );
    }

    private function give(string $name, string $file): void
    {
        $this->first(WebDriverBy::cssSelector("input[type=file][aria-label='$name']"))->sendKeys($file);
    }

    public function testAnyMixForAnAmountOrForAllThereIs(): void
    {
        $this->go('/mix');
        $this->until(fn (): bool => str_contains($this->main(), 'By volume: 150 ml'), 'the cup is filled');
        $this->write('Amount of the mix', '1 1/2 cup');
        $this->until(fn (): bool => str_contains($this->main(), 'By weight: 375 ml'), 'cups are read');
        $this->write('Amount of the mix', '3 fl oz');
        $this->until(
            fn (): bool => str_contains($this->main(), 'Metric measures have no “fl oz”'),
            'and what the studio does not have is said',
        );
        $this->write('Amount of the mix', '100 ml');
        $this->write('Ratio, for example 1:3', '25 %');
        $this->button('100 ml Platform Slate, chalk-type + 25 ml Water')->click();
        $this->until(fn (): bool => str_contains($this->main(), '4 Platform Slate, chalk-type : 1 Water'), 'the chosen reading is mixed');
        $this->choose('Amount is', 'all of my Platform Slate, chalk-type');
        $this->write('Amount I have', '142 g');
        $this->until(fn (): bool => str_contains($this->main(), 'By weight: 125 ml'), '100 ml of paint make 125 ml of the mix');
        $this->write('Ratio, for example 1:3', '1:6');
        $this->button('1 Platform Slate, chalk-type : 6 Water (in 100 ml: 14.3 ml Platform Slate, chalk-type and 85.7 ml Water)')->click();
        $this->until(fn (): bool => str_contains($this->main(), 'Thinned 6 to 1; maximum 4 to 1'), 'over-thinning is said');
    }

    public function testTheShelfAndTheSettingsChangeWhatIsWorkedOut(): void
    {
        $this->go('/shelf');
        $this->see('input[type=search]')->sendKeys('platform');
        $this->until(fn (): bool => 'Platform Slate, chalk-type' === $this->text('main h2.MuiTypography-h2'), 'the search opens it');
        $this->write('Recoat after', 'soon');
        $this->until(fn (): bool => str_contains($this->main(), 'Enter a time, for example 30 min'), 'a time that is none is refused');
        $this->write('Recoat after', '3 h');
        $this->button('Save changes')->click();
        $this->until(fn (): bool => str_contains($this->main(), 'your values · version 2'), 'it is a version of its own');

        $recipe = $this->studio->recipe();
        self::assertSame(
            120,
            array_column($recipe->document->materials, null, 'id')['platform-slate']->handling->times->recoat,
            'the recipe keeps what it was made with',
        );

        $this->go("/recipes/$recipe->id");
        $this->button('Update')->click();
        $this->untilSaved();
        self::assertSame(
            180,
            array_column($this->studio->recipe()->document->materials, null, 'id')['platform-slate']->handling->times->recoat,
            'until it is told to take the new figures',
        );

        $this->go('/settings');
        $this->write('Temperature', '99');
        $this->until(fn (): bool => str_contains($this->text('[role=alert]'), 'from −30 to 60 °C'), 'such air is refused');
        $this->write('Temperature', '12');
        $this->write('Monday', '9-12');
        $saved = fn (): bool => 'Saved' === $this->text('main [role=status]');
        $this->until($saved, 'both are saved as they were changed');
        $kept = fn (): \stdClass => $this->studio->json('GET', '/api/settings')->settings;
        self::assertSame([12, '09:00'], [$kept()->climate->temperature, $kept()->hours->mon[0]->from]);
        $this->button('Undo')->click();
        $this->until(static fn (): bool => '09:00' !== $kept()->hours->mon[0]->from, 'the hours are as they were');
        $this->until($saved, 'and that is saved');
        self::assertSame(12, $kept()->climate->temperature, 'what was changed before is kept');
    }

    public function testThePieceDecidesTheAmountsAndTheBenchSheetSaysThem(): void
    {
        $id = $this->studio->recipe()->id;
        $this->go("/recipes/$id");
        $need = $this->text('[data-testid=need]');
        $this->button('Piece')->click();
        $this->see('[data-testid=part-area]');
        $this->clickInView($this->first(WebDriverBy::xpath("//button[contains(., 'Title, use, wear')]")));
        $this->write('Number of identical pieces', '3');
        $this->button('Section')->click();
        $this->until(fn (): bool => $this->text('[data-testid=need]') !== $need, 'three racks need more');
        $this->untilSaved();
        $need = $this->text('[data-testid=need]');
        $this->button('Bench sheet')->click();
        $this->until(fn (): bool => str_contains($this->main(), '3 × Ticket rack, 7.28 m²'), 'the sheet is of three');
        $pour = $this->studio->json('POST', '/api/preview', ['document' => $this->studio->recipe()->document])->preview->steps[3]->pour;
        self::assertSame($need, $pour->mixes[0]->batch->yield->text);
        foreach ($pour->mixes[0]->batch->lines as $line) {
            self::assertStringContainsString((string) $line->how, $this->main());
        }
    }

    private function chips(): int
    {
        return \count($this->browser->findElements(WebDriverBy::cssSelector('main li h2')));
    }
}
