<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/**
 * The finer work: everything reached from one field, undo without a bottom, mixes within mixes, parts and their steps, every
 * kind of step, and the work of two hands on one thing.
 */
final class CraftTest extends Rooms
{
    public function testEverythingIsReachedFromOneField(): void
    {
        $this->go('/');
        $this->see('main li h2');
        $this->press(WebDriverKeys::CONTROL.'k');
        $this->see('[role=dialog] input');
        $this->press('larch gilded');
        $this->until(
            fn (): bool => ['Lamp cupboard, engine green and gold'] === $this->offered(),
            'a recipe is found by its wood and technique',
        );
        $this->press(WebDriverKeys::ENTER);
        $this->see('[data-testid=film]');
        self::assertStringContainsString('Lamp cupboard', $this->text('main h1'));

        $this->press(WebDriverKeys::CONTROL.'k');
        $this->see('[role=dialog] input');
        $this->press('duplicate');
        $this->until(fn (): bool => ['Duplicate the step'] === \array_slice($this->offered(), 0, 1), 'the room offers what it can do');
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => 8 === $this->steps(), 'and does it');
        $this->press(WebDriverKeys::CONTROL.'k');
        $this->see('[role=dialog] input');
        $this->press('shelf'.WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->text('main h1'), 'Shelf'), 'rooms too');
        $this->press(WebDriverKeys::CONTROL.'k');
        $this->see('[role=dialog] input');
        self::assertStringStartsWith('Lamp cupboard', $this->offered()[0] ?? '', 'what was open last comes first');
        self::assertNotContains('Undo', $this->offered(), 'what belongs to another room is not offered here');
        $this->press('signal cr');
        $this->until(fn (): bool => str_starts_with($this->offered()[0] ?? '', 'Signal Cream'), 'a material before the recipes with it');
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->browser->getCurrentURL(), '/shelf?material='), 'it is opened');
        $this->press(WebDriverKeys::CONTROL.'k');
        $this->see('[role=dialog] input');
        $this->press('to buy'.WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_ends_with($this->browser->getCurrentURL(), '/shelf/buy'), 'and what can be done');
    }

    /**
     * Who types faster than is searched is not given what was found for other words: it is offered when it is found, and nothing before.
     */
    public function testNothingIsOfferedThatWasFoundForOtherWords(): void
    {
        $this->go('/days');
        $this->until(fn (): bool => str_contains($this->main(), 'All ready '), 'the days are planned');
        $this->holdAnswers('[?&]query=.');
        $this->press(WebDriverKeys::CONTROL.'k');
        $this->see('[role=dialog] input');
        $this->until(fn (): bool => \count($this->offered()) > 10, 'recipes and rooms are offered');
        $this->press('rack'.WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->text('.MuiAutocomplete-popper'), 'Searching …'), 'still searched for');
        $this->press(WebDriverKeys::ESCAPE);
        $this->untilGone('[role=dialog]');
        self::assertStringEndsWith('/days', $this->browser->getCurrentURL());

        $field = $this->field('Start a job from');
        $field->click();
        $this->until(fn (): bool => \count($this->offered()) > 5, 'the last changed are offered');
        $field->sendKeys('notice'.WebDriverKeys::ARROW_DOWN.WebDriverKeys::ENTER);
        $this->until(
            fn (): bool => str_contains($this->text('.MuiAutocomplete-popper'), 'Searching …') && [] === $this->offered(),
            'still searched for',
        );
        $this->answerNow();
        $this->until(fn (): bool => ['Notice-board frame, stippled and lined'] === $this->offered(), 'only what was found');
        $field->sendKeys(WebDriverKeys::ARROW_DOWN.WebDriverKeys::ENTER);
        $this->see('section[aria-label^="Notice-board"]');
    }

    /**
     * Far more edits than a hand remembers, each undone; also those made before a reload.
     */
    public function testUndoHasNoBottom(): void
    {
        $this->open('stools');
        $before = $this->order();
        $this->focusCut();
        $this->pressFast(...array_merge(...array_fill(0, 12, [['ArrowUp', 'alt'], ['ArrowDown', 'alt']])));
        $this->press('d');
        $this->untilSaved();
        $this->browser->navigate()->refresh();
        $this->see('[data-testid=film]');
        $this->focusCut();
        $this->pressFast(...array_fill(0, 25, ['z', 'ctrl']));
        $this->until(
            fn (): bool => 'true' === $this->first(WebDriverBy::xpath("//button[.='Undo']"))->getAttribute('disabled'),
            'all is undone',
        );
        self::assertSame($before, $this->order());
        $this->button('Redo')->click();
        $this->until(fn (): bool => $before !== $this->order(), 'and can be done again');
    }

    /**
     * The glaze's colour becomes a mix of its own, gets an ingredient and another ratio; the cup follows at every step.
     */
    public function testAMixWithinAMix(): void
    {
        $this->go('/mix');
        $this->until(fn (): bool => str_contains($this->main(), '1 Platform Slate, chalk-type : 3 Water'), 'the first mix is worked out');
        $this->field('Ingredient 1')->click();
        $this->pick('Mix this ingredient …');
        $this->until(fn (): bool => str_contains($this->main(), '1 Platform Slate, chalk-type, mixed : 3 Water'), 'it is a mix now');
        $adds = $this->browser->findElements(WebDriverBy::xpath("//button[.='Add an ingredient']"));
        self::assertCount(2, $adds);
        $adds[1]->click();
        $fields = fn (): array => array_values($this->browser->findElements(WebDriverBy::xpath("//label[starts-with(., 'Ingredient 2')]")));
        $this->until(static fn (): bool => 2 === \count($fields()), 'the inner mix has a second ingredient');
        $inner = $this->first(WebDriverBy::id((string) $fields()[1]->getAttribute('for')));
        $inner->click();
        $inner->sendKeys(WebDriverKeys::CONTROL.'a');
        $inner->sendKeys('Poppy');
        $this->pick('Poppy Bank, chalk-type');
        $this->until(fn (): bool => str_contains($this->main(), 'Poppy Bank'), 'it is worked out');
        $ratios = $this->browser->findElements(WebDriverBy::xpath("//label[starts-with(., 'Ratio, for example 1:3')]"));
        $ratio = $this->first(WebDriverBy::id((string) $ratios[1]->getAttribute('for')));
        $ratio->sendKeys(WebDriverKeys::CONTROL.'a');
        $ratio->sendKeys('3:1'.WebDriverKeys::ENTER);
        $this->button(
            '3 Platform Slate, chalk-type : 1 Poppy Bank, chalk-type (in 100 ml: 75 ml Platform Slate, chalk-type and '
            .'25 ml Poppy Bank, chalk-type)',
        )->click();
        $this->write('Amount of the mix', '160 ml');
        // A quarter of 160 ml is colour: 30 ml of slate, 10 ml of poppy; 1.42 g/ml.
        $this->until(
            fn (): bool => str_contains($this->main(), '42.6 g Platform Slate, chalk-type (30 ml)')
                && str_contains($this->main(), '14.2 g Poppy Bank, chalk-type (10 ml)')
                && str_contains($this->main(), '120.0 g Water (120 ml)'),
            'the batch is exact through both levels',
        );
    }

    /**
     * A part that goes takes along the steps that were only for it: for no part would be for the whole piece.
     */
    public function testAPartIsTakenOutWithTheStepsThatWereOnlyForIt(): void
    {
        $this->open('ticket');
        $this->button('Piece')->click();
        $this->button('Add a part')->click();
        $this->pick('Area only', 'menuitem');
        $this->first(WebDriverBy::xpath("//button[contains(., 'Pigeon-holes')]"))->click();
        $this->button('Remove Pigeon-holes')->click();
        $this->button('Section')->click();
        $this->until(fn (): bool => 6 === $this->steps(), 'the corners of the holes are gone with the holes');
        $this->untilSaved();
        $document = $this->studio->recipe()->document;
        self::assertSame(['Case', 'Another part'], array_map(static fn (\stdClass $p): string => $p->name, $document->piece->parts));
        self::assertNotContains(
            'dark-wax',
            array_map(static fn (\stdClass $m): string => $m->id, $document->materials),
            'nor is its wax kept',
        );
        $this->button('Undo')->click();
        $this->until(fn (): bool => 7 === $this->steps(), 'and come back with them');
    }

    /**
     * Each kind of step asks for what it needs and no more, and what is typed comes to be worked out.
     */
    public function testEveryKindOfStepAsksForItsOwn(): void
    {
        $this->open('ticket');
        $labels = fn (): array => array_map(
            static fn ($l): string => $l->getText(),
            $this->browser->findElements(WebDriverBy::cssSelector('#step-panel label')),
        );
        $this->technique('Sanded');
        $this->until(static fn (): bool => \in_array('Grit', $labels(), true), 'sanding asks for a grit');
        self::assertNotContains('Material or mix', $labels());
        self::assertNotContains('Coat thickness', $labels());
        $this->write('Removes', '12');
        $this->until(fn (): bool => str_contains($this->text('[aria-selected=true]'), 'down to '), 'the cut shows the depth');
        $this->technique('Drying time');
        $this->until(static fn (): bool => !\in_array('Dwell (min)', $labels(), true), 'resting asks for no hands');
        $this->choose('Wait before next step', 'set time');
        $this->write('Wait', '90');
        $this->until(
            fn (): bool => str_contains($this->text('[aria-selected=true]'), 'wait 90 min')
                || str_contains($this->text('[aria-selected=true]'), 'wait 1 h 30 min'),
            'the wait is in the cut',
        );
        $this->technique('Wash, wiped back');
        $this->until(static fn (): bool => \in_array('Material or mix', $labels(), true), 'a wash asks with what');
        $this->choose('Purpose', 'Broken cover');
        $this->write('Surface left showing', '40');
        $this->unfold('Where: the whole piece');
        $this->clickInView($this->first(WebDriverBy::xpath("//fieldset//*[normalize-space()='Pigeon-holes']")));
        $this->untilSaved();
        $step = $this->studio->recipe()->document->steps[3];
        self::assertEquals(
            [
                'washed-wiped',
                ['holes'],
                (object) ['purpose' => 'broken-cover', 'shows' => 0.4],
                (object) ['until' => 'minutes', 'minutes' => 90],
            ],
            [$step->technique, $step->parts, $step->intent, $step->wait],
        );
        $this->until(
            fn (): bool => str_contains($this->text('[aria-selected=true]'), 'other parts only'),
            'this cut is through the case, which the step leaves alone',
        );
    }

    /**
     * What an hour costs is set once; from then on every step says what it costs, and a coat more what it was said to.
     */
    public function testAFurtherCoatHasItsPrice(): void
    {
        $this->go('/settings');
        $this->write('Hourly rate', '60');
        $this->until(fn (): bool => 'Saved' === $this->text('main [role=status]'), 'the rate is kept');
        $this->open('clock');
        $this->first(WebDriverBy::xpath("//*[@aria-selected][contains(., 'Pale base')]"))->click();
        $says = fn (): array => preg_match('/€ ([\d.]+)\s.*work\s+one more coat: € ([\d.]+)/s', $this->text('[data-testid=cost]'), $m)
            ? [(float) $m[1], (float) $m[2]]
            : [0.0, 0.0];
        $this->until(static fn (): bool => $says()[1] > 0, 'it says what one more coat would cost');
        [$costs, $another] = $says();
        $coats = (int) $this->field('Coats')->getAttribute('value');
        $this->write('Coats', (string) ($coats + 1));
        $this->until(static fn (): bool => abs($says()[0] - $costs - $another) < 0.03, 'and so it does');
    }

    public function testKeepingMineOverTheirsIsPossibleEverywhere(): void
    {
        $recipe = $this->open('ticket');
        $changed = $recipe->document;
        $changed->steps[3]->dwell = 9;
        $this->studio->json('PUT', "/api/recipes/$recipe->id/draft", ['version' => $recipe->version, 'document' => $changed]);
        $this->write('Dwell', '7');
        $this->until(
            fn (): bool => str_contains($this->text('[role=dialog]'), 'the dwell was 9 min, now 7 min'),
            'the difference is shown',
        );
        $this->button('Save mine over it')->click();
        $this->untilSaved();
        self::assertSame(7, $this->studio->recipe()->document->steps[3]->dwell);

        $this->go('/settings');
        $this->field('Currency');
        $settings = $this->studio->json('GET', '/api/settings');
        $settings->settings->currency = 'kr';
        $this->studio->json('PUT', '/api/settings', $settings);
        $this->write('Currency', 'Fr.');
        $this->button('Save mine over it')->click();
        $this->until(fn (): bool => 'Saved' === $this->text('main [role=status]'), 'mine is saved over theirs');
        self::assertSame('Fr.', $this->studio->json('GET', '/api/settings')->settings->currency);

        $this->go('/shelf');
        $this->see('input[type=search]')->sendKeys('poppy');
        $this->until(fn (): bool => 'Poppy Bank, chalk-type' === $this->text('main h2.MuiTypography-h2'), 'the paint is open');
        $material = $this->studio->json('GET', '/api/materials?query=poppy')->materials[0]->material;
        $material->body->solids = 0.5;
        $this->studio->json('PUT', '/api/materials/poppy-bank', ['material' => $material]);
        $this->write('Solids by volume', '44');
        $this->button('Save changes')->click();
        $this->button('Discard mine, load saved')->click();
        $this->until(fn (): bool => '50' === $this->field('Solids by volume')->getAttribute('value'), 'theirs is taken');
    }

    /**
     * Pressing "keep" the moment something was typed keeps what was typed, though its draft was still under way.
     */
    public function testARevisionKeepsTheVeryLastEdit(): void
    {
        $this->open('ticket');
        $this->write('Dwell', '13');
        $this->press(WebDriverKeys::CONTROL.'s');
        $this->see('[role=dialog] input');
        $this->press('Longer dwell'.WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->text('[data-testid=saving]'), 'from revision 3'), 'it is kept');
        $this->untilGone('[role=dialog]');
        $id = $this->studio->recipe()->id;
        self::assertSame(13, $this->studio->json('GET', "/api/recipes/$id/revisions/3")->document->steps[3]->dwell);
        $this->press(WebDriverKeys::CONTROL.'s');
        $this->see('[role=dialog] input');
        $this->press('Again'.WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->text('[role=dialog]'), 'Nothing has changed since revision 3'), 'and not twice');
        self::assertCount(3, $this->studio->recipe()->revisions);
    }

    public function testAnOlderRevisionIsTakenBackIntoTheDraft(): void
    {
        $this->open('ticket');
        $this->button('Revisions')->click();
        $this->until(
            fn (): bool => str_contains($this->text('[role=dialog]'), '“Cream undertone” was added as step 3'),
            'the two are compared',
        );
        $takes = $this->browser->findElements(WebDriverBy::xpath("//button[.='Load into draft']"));
        self::assertCount(2, $takes);
        $takes[1]->click();
        $this->until(fn (): bool => 6 === $this->steps(), 'the first revision had no undertone');
        $this->untilSaved();
        $this->button('Undo')->click();
        $this->until(fn (): bool => 7 === $this->steps(), 'one undo brings the draft back');
    }

    /**
     * The drawn cut follows what is worked out: a film for every coat laid on this part, thicker where it is thicker, in
     * order from the wood up, each line ending at the middle of its step's name; pressing a film selects its step.
     */
    public function testTheDrawnCutIsTheStack(): void
    {
        foreach (['ticket', 'stools', 'frame'] as $which) {
            $recipe = $this->open($which);
            $stack = $this->studio->json('POST', '/api/preview', ['document' => $recipe->document])->preview->stacks[0];
            $drawn = $this->drawnFilms();
            $laid = array_values(array_filter($stack->layers, static fn (\stdClass $l): bool => 'adds' === $l->effect));
            self::assertSame(array_map(static fn (\stdClass $l): int => $l->number, $laid), array_column($drawn, 'number'), $which);
            foreach ($laid as $i => $a) {
                foreach ($laid as $k => $b) {
                    self::assertTrue(
                        $a->thickness <= $b->thickness || $drawn[$i]['height'] > $drawn[$k]['height'],
                        "$which: film $a->number against $b->number",
                    );
                }
                self::assertTrue(
                    0 === $i || $drawn[$i]['bottom'] <= $drawn[$i - 1]['top'] + 1,
                    "$which: film $a->number lies on the one below",
                );
            }
            $off = $this->browser->executeScript(
                'return [...document.querySelectorAll("[data-film]")].map(g => { const line = '
                .'[...g.querySelectorAll(":scope > path")].at(-1); const p = '
                    .'line.getPointAtLength(line.getTotalLength()); const svg = '
                        .'g.ownerSVGElement.getBoundingClientRect(); const row = '
                            .'[...document.querySelectorAll("[data-step]")].find(r => '
                                .'r.textContent.startsWith(g.dataset.film + ".")).getBoundingClientRect(); return '
                                    .'Math.abs(svg.top + p.y - (row.top + row.height / 2)); }).filter(d => d > 2)',
            );
            self::assertSame([], $off, "$which: lines that miss their names");
        }
        $this->first(WebDriverBy::cssSelector('[data-film="3"]'))->click();
        $this->until(fn (): bool => str_starts_with($this->text('[aria-selected=true]'), '3.'), 'the film that was pressed is selected');
    }

    /**
     * @return list<array{number: int, top: float, bottom: float, height: float}> from the wood up
     */
    private function drawnFilms(): array
    {
        $films = $this->browser->executeScript(
            'return [...document.querySelectorAll("[data-film]")].filter(g => g.querySelector("[data-outline]")).map(g '
            .'=> { const b = g.querySelector("[data-outline]").getBBox(); return { number: Number(g.dataset.film), top: '
                .'b.y, bottom: b.y + b.height, height: b.height }; })',
        );
        self::assertIsArray($films);
        $found = [];
        foreach ($films as $film) {
            self::assertIsArray($film);
            $found[] = [
                'number' => (int) $film['number'],
                'top' => (float) $film['top'],
                'bottom' => (float) $film['bottom'],
                'height' => (float) $film['height'],
            ];
        }

        return $found;
    }

    private function open(string $recipe): \stdClass
    {
        $opened = $this->studio->recipe($recipe);
        $this->go("/recipes/$opened->id");
        $this->see('[data-testid=film]');

        return $opened;
    }

    private function focusCut(): void
    {
        $this->browser->executeScript('document.getElementById("cut").focus()');
    }

    private function steps(): int
    {
        return \count($this->browser->findElements(WebDriverBy::cssSelector('[data-step]')));
    }

    /**
     * @return list<string>
     */
    private function order(): array
    {
        return array_values(array_map(
            static fn ($row): string => (string) $row->getAttribute('data-step'),
            $this->browser->findElements(WebDriverBy::cssSelector('[data-step]')),
        ));
    }

    /**
     * @return list<string>
     */
    private function offered(): array
    {
        $names = $this->browser->executeScript(
            'return [...document.querySelectorAll(".MuiAutocomplete-popper [role=option]")]'
            .'.map((one) => (one.querySelector("span") ?? one).textContent)',
        );
        \assert(\is_array($names));

        return array_values(array_filter($names, is_string(...)));
    }
}
