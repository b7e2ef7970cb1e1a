<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/**
 * The survey of a piece: its parts from the front, what they are and what lies on them, and the joints that move.
 */
final class PieceTest extends Rooms
{
    /**
     * A new piece surveyed from nothing: a top and four tapered legs; the areas are those reckoned apart, and the recipe's
     * amounts follow.
     */
    public function testAPieceIsSurveyedPartByPart(): void
    {
        $this->go('/');
        $this->button('New recipe')->click();
        $this->button('Empty recipe')->click();
        $this->until(fn (): bool => str_contains($this->main(), 'No steps yet'), 'a new recipe');
        $this->button('Piece')->click();
        $this->see('[data-testid=part-area]');
        $this->choose('Shape', 'Top');
        $this->write('Length', '1000');
        $this->write('Width', '500');
        $this->write('Thickness', '25');
        // 1.0 × 0.5 + 2 × 1.0 × 0.025 + 2 × 0.5 × 0.025 m²
        $this->until(fn (): bool => '0.575 m²' === $this->text('[data-testid=part-area]'), 'face and edges');
        $this->tick('Reverse');
        $this->until(
            fn (): bool => '1.07 m²' === $this->text('[data-testid=part-area]') || '1.08 m²' === $this->text('[data-testid=part-area]'),
            'with its underside',
        );
        $this->tick('Reverse');

        $this->button('Add a part')->click();
        $this->pick('Leg, tapered', 'menuitem');
        $this->until(fn (): bool => 'Leg, tapered' === $this->field('Part')->getAttribute('value'), 'the leg is open');
        $this->write('Number', '4');
        // 4 legs of 0.109213 m², reckoned apart
        $this->until(fn (): bool => '0.437 m²' === $this->text('[data-testid=part-area]'), 'four legs');
        self::assertSame(['1', '4'], [$this->drawn(0), $this->drawn(1)], 'a top and four legs are drawn');
        self::assertStringContainsString('1.01 m² in total', $this->main());

        $this->choose('Wood', 'oak');
        $this->until(fn (): bool => str_contains($this->main(), 'Tannin.'), 'oak brings its tannin along');
        $this->first(WebDriverBy::cssSelector('[data-drawn]'))->click();
        $this->until(fn (): bool => 'Whole piece' === $this->field('Part')->getAttribute('value'), 'the drawing leads to the part');
        $this->untilSaved();
        $this->browser->navigate()->refresh();
        $this->see('[data-testid=part-area]');
        self::assertStringContainsString('1.01 m² in total', $this->main());
    }

    /**
     * The old counter top: each answer changes what it most likely is, and what is asked next.
     */
    public function testFieldTestsAreAGuidedDecision(): void
    {
        $this->go('/recipes/'.$this->studio->recipe('counter')->id.'/piece');
        $this->see('[data-testid=part-area]');
        $this->choose('Existing finish', 'unknown finish');
        $this->until(fn (): bool => str_contains($this->likely(), 'not tested'), 'nothing is known yet');
        self::assertStringContainsString('t dry-sand it until tested', $this->main());
        self::assertStringContainsString('most useful next', $this->main());
        $this->answer('A drop of alcohol on a hidden spot', 'softens and gets sticky');
        $this->until(fn (): bool => str_contains($this->likely(), "shellac\n74 %"), 'shellac, three to one');
        $this->answer('A drop of water, after a minute', 'beads up');
        $this->answer('Mineral spirit on a rag, rubbed hard', 'shines only while wet');
        $this->until(fn (): bool => str_contains($this->likely(), "shellac\n76 %"), 'wax and oil are out');
        $this->answer('A drop of alcohol on a hidden spot', 'stays hard');
        $this->until(fn (): bool => !str_contains($this->likely(), 'shellac'), 'another answer, another finish');
        $this->answer('A lead test on every layer', 'shows none in any layer');
        $this->until(fn (): bool => !str_contains($this->main(), 't dry-sand it until'), 'no lead, no warning');
        $this->answer('Tape over a small crosscut, pulled off', 'lifts flakes');
        $this->until(fn (): bool => str_contains($this->main(), 'Remove it.'), 'what does not hold has to go');
        $this->untilSaved();
        self::assertEquals(
            (object) ['alcohol' => 'nothing', 'water' => 'beads', 'spirit' => 'nothing', 'lead' => 'none', 'tape' => 'lifts'],
            $this->studio->recipe('counter')->document->piece->parts[0]->tests,
        );
    }

    /**
     * The cupboard's doors bind after the primer and the green; one press on a remedy and they run, one undo and they bind again.
     */
    public function testAJointThatBindsIsMendedAtAPress(): void
    {
        $this->go('/recipes/'.$this->studio->recipe('cupboard')->id.'/piece');
        $this->see('[data-testid=part-area]');
        $this->first(WebDriverBy::xpath("//button[contains(., 'Doors in the carcass')]"))->click();
        $this->until(fn (): bool => str_contains($this->text('[data-testid=fit]'), 'Binds after step 4.'), 'it is said after which coat');
        self::assertStringContainsString('Keep the faces apart until', $this->text('[data-testid=fit]'));
        $does = $this->browser->findElements(WebDriverBy::xpath("//button[starts-with(@aria-label, 'Apply: ')]"));
        self::assertCount(4, $does, 'four ways are compared');
        $this->clickInView($this->first(WebDriverBy::xpath("//button[starts-with(@aria-label, 'Apply: Remove 0.')]")));
        $this->until(fn (): bool => str_contains($this->text('[data-testid=fit]'), 'Moves freely'), 'planed, it runs');
        $this->button('Undo')->click();
        $this->until(fn (): bool => str_contains($this->text('[data-testid=fit]'), 'Binds after step 4.'), 'undone');
        $this->clickInView($this->first(WebDriverBy::xpath(
            "//button[starts-with(@aria-label, 'Apply: Leave the long edges of “Doors”')]",
        )));
        $this->until(fn (): bool => !str_contains($this->text('[data-testid=fit]'), 'Keep the faces apart'), 'a bare edge does not stick');
        $this->untilSaved();
        self::assertFalse($this->studio->recipe('cupboard')->document->piece->joints[0]->moving->coated);
    }

    /**
     * A step on one face of the doors alone: its area is that face's, and the cut of the doors falls in two.
     */
    public function testAStepIsLimitedToAFace(): void
    {
        $this->go('/recipes/'.$this->studio->recipe('cupboard')->id);
        $this->see('[data-testid=film]');
        $this->unfold('Where: the whole piece');
        $this->clickInView($this->first(WebDriverBy::xpath("//fieldset//*[normalize-space()='Doors']")));
        $this->until(
            fn (): bool => [] !== $this->browser->findElements(WebDriverBy::cssSelector('[aria-label="Doors, reverse"]')),
            'its faces are offered',
        );
        foreach (['Doors, reverse', 'Doors, long edges', 'Doors, short edges'] as $face) {
            $this->browser->executeScript(
                'arguments[0].click()',
                [$this->first(WebDriverBy::cssSelector("[aria-label=\"$face\"]"))],
            );
        }
        $this->untilSaved();
        $document = $this->studio->recipe('cupboard')->document;
        self::assertSame(['doors:face'], $document->steps[4]->parts);
        $worked = $this->studio->json('POST', '/api/preview', ['document' => $document])->preview;
        self::assertSame(round(2 * 1.02 * 0.43, 4), $worked->steps[4]->area);
        $this->clickInView($this->first(WebDriverBy::cssSelector('[role=combobox]')));
        $this->until(
            fn (): bool => [] !== $this->browser->findElements(WebDriverBy::xpath("//*[@role='option'][contains(., 'Doors (face)')]")),
            'the cut of the doors has fallen in two',
        );
    }

    public function testTheSurveyByKeysOnATablet(): void
    {
        $this->resize(1024, 768);
        $this->go('/recipes/'.$this->studio->recipe('ticket')->id.'/piece');
        $this->see('[data-testid=part-area]');
        self::assertSame(1024, $this->browser->executeScript('return document.documentElement.scrollWidth'));
        $this->tabTo(static fn (string $html): bool => str_contains($html, 'Pigeon-holes'));
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => 'Pigeon-holes' === $this->field('Part')->getAttribute('value'), 'the part is open');
        $this->tabTo(fn (string $html): bool => 'Number' === $this->labelOfActive());
        $this->press(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.'12'.WebDriverKeys::ENTER);
        $this->until(fn (): bool => '0.744 m²' === $this->text('[data-testid=part-area]'), 'half as many holes');
        $this->tabTo(static fn (string $html): bool => str_contains($html, 'aria-pressed') && str_contains($html, 'the rag takes colour'));
        $this->press(' ');
        $this->until(fn (): bool => str_contains($this->main(), 'Something dissolves in water'), 'the rag tells');
        $this->write('Number', '-4');
        $this->until(fn (): bool => str_contains($this->main(), 'Enter 1'), 'nonsense is refused in the field');
    }

    private function tick(string $label): void
    {
        $this->clickInView($this->first(WebDriverBy::xpath("//label[normalize-space()='$label']")));
    }

    private function drawn(int $part): string
    {
        $ids = $this->browser->executeScript('return [...document.querySelectorAll("[data-drawn]")].map(g => g.dataset.drawn)');
        self::assertIsArray($ids);

        return (string) array_values(array_count_values(array_filter($ids, is_string(...))))[$part];
    }

    private function answer(string $test, string $answer): void
    {
        $this->clickInView($this->first(WebDriverBy::xpath("//*[@role='group'][@aria-label='$test']//button[.='$answer']")));
    }

    private function likely(): string
    {
        return $this->text('[data-testid=likely]');
    }
}
