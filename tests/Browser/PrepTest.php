<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/**
 * What the survey asks for comes into the recipe at a press.
 */
final class PrepTest extends Rooms
{
    public function testThePreparationIsTakenLineByLineAndWhole(): void
    {
        $this->go('/recipes/'.$this->studio->recipe('counter')->id.'/piece');
        $this->see('[data-testid=part-area]');
        $this->choose('Existing finish', 'shellac');
        $this->first(WebDriverBy::xpath("//button[contains(., 'Preparation before the first coat')]"))->click();
        $this->until(fn (): bool => \in_array('stripped', $this->proposed(), true), 'shellac is in the way of a stain');
        self::assertStringContainsString('t get through shellac', $this->main());
        $before = \count($this->studio->recipe('counter')->document->steps);
        $lines = $this->proposed();

        $this->button('Add to recipe: Strip')->click();
        $this->until(fn (): bool => !\in_array('stripped', $this->proposed(), true), 'one line is taken');
        $this->button('Add all '.(\count($lines) - 1))->click();
        $this->until(fn (): bool => str_contains($this->main(), 'Nothing to suggest'), 'and then the rest');
        $this->untilSaved();
        $steps = array_map(static fn (\stdClass $s): string => $s->technique, $this->studio->recipe('counter')->document->steps);
        self::assertCount($before + \count($lines), $steps);
        self::assertSame(['cleaned', 'rinsed', 'stripped', 'rinsed'], \array_slice($steps, 0, 4), 'each in its place');
        $this->button('Undo')->click();
        $this->until(fn (): bool => \count($lines) - 1 === \count($this->proposed()), 'taken back');
    }

    /**
     * @return list<string>
     */
    private function proposed(): array
    {
        return array_values(array_map(
            static fn ($e): string => (string) $e->getAttribute('data-prep'),
            $this->browser->findElements(WebDriverBy::cssSelector('[data-prep]')),
        ));
    }
}
