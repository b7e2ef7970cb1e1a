<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\ColourDifference;
use Inlaid\Core\Colour\Light;
use Inlaid\Tests\Pictures;

/**
 * A sample board from the recipe's step to the patch the client chose.
 */
final class BoardsTest extends Rooms
{
    /**
     * Edits made while the program does not answer are saved once it does, undo and all; where somebody else has saved meanwhile nobody's
     * work is lost.
     */
    public function testABoardIsEditedWhileTheProgramIsAway(): void
    {
        $id = array_values(array_filter(
            $this->studio->json('GET', '/api/boards')->boards,
            static fn (\stdClass $b): bool => null === $b->appliedAt,
        ))[0]->id ?? null;
        if (null === $id) {
            $laid = $this->studio->json('GET', '/api/boards/'.$this->studio->json('GET', '/api/boards')->boards[0]->id);
            $id = $this->studio->json('POST', '/api/boards', ['document' => ['title' => 'Not laid'] + (array) $laid->document], 201)->id;
        }
        $title = fn (): string => $this->studio->json('GET', "/api/boards/$id")->document->title;
        $this->go("/boards/$id");
        $this->write('Title', 'One');
        $this->untilSaved();
        self::assertSame('One', $title());

        $this->killServer();
        $this->write('Title', 'Two');
        $this->until(
            fn (): bool => 'offline' === $this->see('[data-testid=saving]')->getAttribute('data-state'),
            'it is said that it is not saved',
        );
        $this->write('Title', 'Three');
        $this->startServer();
        $this->untilSaved();
        self::assertSame('Three', $title(), 'the last edit is saved after all');
        $this->button('Undo')->click();
        $this->untilSaved();
        self::assertSame('Two', $title());

        $this->killServer();
        $this->write('Title', 'Mine');
        $theirs = $this->studio->json('GET', "/api/boards/$id");
        $this->studio->json(
            'PUT',
            "/api/boards/$id",
            ['version' => $theirs->version, 'document' => ['title' => 'Theirs'] + (array) $theirs->document],
        );
        $this->startServer();
        $this->button('Save mine over it')->click();
        $this->untilSaved();
        self::assertSame('Mine', $title());
        $this->browser->navigate()->refresh();
        $this->until(fn (): bool => 'Mine' === $this->field('Title')->getAttribute('value'), 'so after a reload');
        $this->button('Undo')->click();
        $this->untilSaved();
        self::assertSame('Two', $title(), 'which undo outlives');
    }

    /**
     * From the slate wash of the ticket rack: dwell along, grit down; laid; a patch read from a real photo beside a grey card; the client
     * chooses in a browser of her own by the link; the choice
     * is in the recipe, and nothing else of it has changed.
     */
    public function testABoardIsLaidReadChosenByTheClientAndTakenIntoTheRecipe(): void
    {
        $recipe = $this->studio->recipe();
        $this->go("/recipes/$recipe->id");
        $this->see('[data-testid=film]');
        $this->clickInView($this->first(WebDriverBy::xpath(
            "//*[@role='option' or self::button or self::li][contains(., 'Slate wash')]",
        )));
        $this->until(fn (): bool => str_contains($this->main(), 'Try on a board'), 'the step offers a board');
        $this->clickInView($this->button('Try on a board'));
        $this->until(fn (): bool => str_contains($this->text('[role=dialog]'), '4 Slate wash'), 'its steps are to be chosen');
        $this->button('Create board')->click();
        $this->until(fn (): bool => str_contains($this->main(), 'Slate wash: dwell before wiping'), 'the board is laid out');
        $this->button('Add rows')->click();
        $this->until(fn (): bool => str_contains($this->main(), 'rows: Sand to 180: last grit'), 'a second thing down the rows');
        self::assertCount(9, $this->patches());
        self::assertStringNotContainsString('differ in', $this->main());

        // what is done otherwise on one patch alone shows beside its neighbours, and is taken back
        $this->patch('A1');
        $this->button('Override patch A1')->click();
        $this->choose('Override on A1', 'Slate wash: Coats');
        $this->write('Value', '1');
        $this->button('Save')->click();
        $this->until(
            fn (): bool => str_contains($this->main(), 'A1 and B1 are neighbours and differ in 2 variables'),
            'two things at once are told',
        );
        $this->button('Undo')->click();
        $this->until(fn (): bool => !str_contains($this->main(), 'differ in 2 variables'), 'and undone');

        $this->button('Apply')->click();
        $this->until(fn (): bool => str_contains($this->main(), 'Pot 2: Slate wash'), 'the pots all patches share');
        self::assertStringContainsString('grit 120: A1, B1, C1', $this->main(), 'one paper after the other');
        $this->button('Start timer of round 4')->click();
        $this->until(fn (): bool => str_contains($this->text('[role=timer]'), 'apply '), 'the clock says what to do');
        $this->button('Mark applied')->click();
        $this->until(fn (): bool => str_contains($this->main(), 'Undo applied'), 'it has been laid');

        $this->button('Results')->click();
        $this->patch('B2');
        $this->addPhoto(Pictures::withPlace(Pictures::board([[0.28, 0.3, 0.3], [0.12, 0.15, 0.18], [0.5, 0.45, 0.36]], 0.8, 900, 600)));
        // the photo was held upside down, so the card is at its top: the ring on it is set with the mouse, the one on the patch with the
        // keys
        $photo = $this->see('[data-testid=photo]');
        $this->browser->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$photo]);
        $this->browser->action()->moveToElement($photo, 0, (int) (-0.36 * $photo->getSize()->getHeight()))->click()->perform();
        $photo->sendKeys(array_fill(0, 10, WebDriverKeys::ARROW_DOWN));
        $true = (new Light(0.12, 0.15, 0.18))->colour();
        $this->until(
            fn (): bool => ColourDifference::between(Colour::of($this->text('[data-testid=corrected]')), $true)->deltaE < 4.5,
            'what the patch reflects',
        );
        $colour = $this->text('[data-testid=corrected]');
        self::assertStringContainsString('Hold the patch itself to the target', $this->main(), 'what it cannot do is said');
        $this->button('Use this colour')->click();
        $this->until(fn (): bool => $colour === $this->field('Colour (from the photo)')->getAttribute('value'), 'the colour is kept');
        $this->clickInView($this->button('4 of 5'));
        $this->write('Notes', 'Calm, even to the rim');
        $this->press(WebDriverKeys::TAB);
        $this->until(fn (): bool => str_contains($this->text('[data-patch=B2]'), '★★★★'), 'the rating stands on the board');

        $this->button('Choose')->click();
        $door = $this->openGuestDoor();
        $this->button('Create link')->click();
        $link = (string) $this->see('[aria-label="The link"]')->getAttribute('value');
        self::assertStringStartsWith("$door/look/", $link);
        $client = $this->newBrowser();
        try {
            $this->clientChooses($client, $link, $door);
        } finally {
            $client->quit();
        }

        $this->browser->navigate()->refresh();
        $this->until(fn (): bool => str_contains($this->main(), '“The pale one, please”'), 'the choice has come back');
        $this->until(fn (): bool => str_contains($this->main(), 'Step 1, “Sand to 180”: the grit was 180, now 240.'), 'what would change');
        self::assertSame('Chosen by the client: The pale one, please', $this->field('Reason')->getAttribute('value'));
        $this->button('Apply A3 to the recipe')->click();
        $this->until(fn (): bool => str_contains($this->main(), 'A3 applied to the recipe'), 'it is in the recipe');
        $now = $this->studio->recipe();
        $expected = json_decode((string) json_encode($recipe->document));
        \assert($expected instanceof \stdClass);
        [$expected->steps[0]->grit, $expected->steps[3]->dwell] = [240, 1];
        self::assertEquals($expected, json_decode((string) json_encode($now->document)));
        $this->button('Open recipe')->click();
        $this->see('[data-testid=film]');
    }

    private function clientChooses(RemoteWebDriver $client, string $link, string $door): void
    {
        $client->get($link);
        $this->see('[data-patch=A3]', $client)->click();
        $this->until(
            static fn (): bool => str_contains($client->findElement(WebDriverBy::tagName('main'))->getText(), '1 min · grit 240'),
            'the patch is shown',
        );
        self::assertStringNotContainsString('Water', $client->getPageSource());
        $this->write('Comment (optional)', 'The pale one, please', $client);
        $client->switchTo()->activeElement()->sendKeys(WebDriverKeys::TAB);
        $this->button('Choose A3', $client)->click();
        $this->until(
            static fn (): bool => str_contains($client->findElement(WebDriverBy::tagName('main'))->getText(), 'You have chosen A3'),
            'it is chosen',
        );
        $client->navigate()->refresh();
        $this->until(
            static fn (): bool => str_contains($client->findElement(WebDriverBy::tagName('main'))->getText(), 'You have chosen A3'),
            'and stays chosen',
        );
        self::assertSame([], $client->findElements(WebDriverBy::xpath("//button[starts-with(normalize-space(), 'Choose')]")), 'once');
        foreach (['/', '/boards', '/api/recipes', '/api/boards'] as $elsewhere) {
            $client->get($door.$elsewhere);
            self::assertStringContainsString('Nothing at this address', $client->getPageSource(), $elsewhere);
        }
    }

    /**
     * What is no photo is refused in words; what is one is kept without the place it was taken at; one that was put away comes back.
     */
    /**
     * What the board of the slate wash says of the paint is learned at a press, and taken back by a switch.
     */
    public function testWhatABoardSaysOfAPaintIsLearned(): void
    {
        $this->go('/shelf');
        $this->write('Search materials', 'platform');
        $this->until(fn (): bool => str_contains($this->main(), '9 patches:'), 'what they say');
        $this->clickInView($this->button('Use this'));
        $this->until(fn (): bool => str_contains($this->main(), 'Use this (from 9 patches)'), 'it is kept');
        $slate = fn (): \stdClass => $this->studio->json('GET', '/api/materials?query=platform')->materials[0]->material;
        self::assertSame([true, 9], [$slate()->look->learned->use, $slate()->look->learned->patches]);
        $this->clickInView($this->first(WebDriverBy::cssSelector(
            'section[aria-label="Measured on your boards"] input[type=checkbox]',
        )));
        $this->until(static fn (): bool => false === $slate()->look->learned->use, 'and is off again');
    }

    public function testOnlyPhotosAreTaken(): void
    {
        $this->go('/boards');
        $this->see('main li h2');
        $this->clickInView($this->first(WebDriverBy::xpath("//h2[contains(., 'Grey under lime')]")));
        $this->button('Results')->click();
        $this->see('[data-patch=A1]');
        $jpeg = Pictures::board([[0.5, 0.5, 0.5]]);
        foreach ([
            '<?php system($_GET["c"]); ?>' => 'Can\'t read this picture',
            Pictures::huge() => '30000 × 30000 pixels',
            substr($jpeg, 0, (int) (0.6 * \strlen($jpeg))) => 'This picture is incomplete',
            str_repeat('x', 13 * 1024 * 1024) => 'larger than 12 MB',
        ] as $bytes => $says) {
            $this->addPhoto((string) $bytes, false);
            $this->until(fn (): bool => str_contains($this->main(), $says), "it is refused: $says");
            self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('[data-testid=photo]')));
        }
        $this->addPhoto(Pictures::withPlace($jpeg));
        $source = $this->browser->executeScript('return document.querySelector("[data-testid=photo] img").src');
        self::assertIsString($source);
        $kept = (string) file_get_contents($source);
        self::assertStringStartsWith("\xff\xd8", $kept);
        self::assertStringNotContainsString('Exif', $kept);
        $this->clickInView($this->button('Remove photo'));
        $this->untilGone('[data-testid=photo]');
        $this->button('Undo')->click();
        $this->see('[data-testid=photo]');

        $this->button('Compare')->click();
        $this->until(
            fn (): bool => str_contains($this->text('[data-testid=compared]'), 'Grey stain, the material'),
            'what is done differently',
        );
    }

    private function addPhoto(string $bytes, bool $taken = true): void
    {
        $this->first(WebDriverBy::cssSelector('input[type=file]'))->sendKeys(self::file('board.jpg', $bytes));
        $taken && $this->see('[data-testid=photo] img');
    }

    private function patch(string $label): void
    {
        $this->clickInView($this->see("[data-patch=$label]"));
    }

    /**
     * @return array<mixed>
     */
    private function patches(): array
    {
        return $this->browser->findElements(WebDriverBy::cssSelector('[data-patch]'));
    }
}
