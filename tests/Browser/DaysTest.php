<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/**
 * The days of all pieces on the bench.
 */
final class DaysTest extends Rooms
{
    /**
     * A recipe is put on the bench, gets its day and its place; what is done at a press is not planned any more; a helper is only looked
     * at; and it is taken off again.
     */
    public function testPiecesAreLaidIntoTheDays(): void
    {
        $this->go('/');
        $this->see('main li h2');
        $this->press('gd');
        $this->until(fn (): bool => str_contains($this->main(), 'All ready '), 'the days are planned');
        self::assertMatchesRegularExpression('~This is the fastest order\.|Possibly faster orders not tried\.~', $this->main());
        $this->field('Start a job from')->sendKeys('notice');
        $this->pick('Notice-board frame, stippled and lined');
        $this->until(
            fn (): bool => [] !== $this->browser->findElements(WebDriverBy::cssSelector('section[aria-label^="Notice-board"]')),
            'it is on the bench',
        );
        $this->clickInView($this->button('Open all days'));
        $this->until(fn (): bool => str_contains($this->main(), 'Stippled grey, 1 of 2, Notice-board frame'), 'and in the days');
        $this->button('Mark step done')->click();
        $this->until(fn (): bool => 1 === $this->finished(time() - 300), 'noted once');
        self::assertCount(6, $this->studio->json('GET', '/api/runs')->runs);

        $this->button('helper every day')->click();
        $this->until(
            fn (): bool => str_contains($this->text('[data-testid=would]'), 'instead of')
                || str_contains($this->text('[data-testid=would]'), 'as planned'),
            'what would be',
        );
        $this->until(fn (): bool => str_contains($this->main(), '· helper'), 'who does what');
        $this->button('helper every day')->click();
        $this->until(fn (): bool => !str_contains($this->main(), '· helper'), 'only looked at');

        $this->choose('Extra coat of', 'Stippled grey, Notice-board frame, stippled and lined');
        $this->until(fn (): bool => str_contains($this->main(), 'Stippled grey, 1 of 3, Notice-board frame'), 'with a coat more');
        $this->choose('Extra coat of', 'none');
        $this->until(fn (): bool => str_contains($this->main(), 'Stippled grey, 1 of 2, Notice-board frame'), 'and as it is');

        $board = $this->opened('Notice-board');
        $this->clickInView($board->findElement(WebDriverBy::xpath('.//button[.="Archive job"]')));
        $this->until(
            fn (): bool => !str_contains($this->main(), 'Notice-board frame, stippled and lined, ')
                && 5 === \count($this->studio->json('GET', '/api/runs')->runs),
            'off again',
        );
    }

    /**
     * Three pieces over a week, from an empty bench: one of them is due, one stands in the hall. One thing at a time is planned, in working
     * hours, over several days and nights; all is done, one after the other, and each piece goes into the logbook.
     */
    public function testThreePiecesOverAWeek(): void
    {
        foreach ($this->studio->json('GET', '/api/runs?bench=true')->runs as $run) {
            $this->studio->json('PUT', "/api/runs/$run->id", ['version' => $run->version, 'archived' => true]);
        }
        $this->go('/days');
        foreach ([
            'Notice-board frame, stippled and lined',
            'Station-clock case, dusk blend',
            'Ticket rack, slate wash',
        ] as $on => $title) {
            $this->field('Start a job from')->sendKeys(strtok($title, ' ') ?: '');
            $this->pick($title);
            $this->until(
                fn (): bool => $on + 1 === \count(
                    $this->browser->findElements(WebDriverBy::cssSelector('section[aria-label]:has(summary)')),
                ),
                'it is on the bench',
            );
        }
        $this->opened('Ticket rack');
        $this->first(WebDriverBy::xpath(
            '//section[starts-with(@aria-label, "Ticket rack")]//label[.="Deadline"]/following::*[@role="spinbutton"][1]',
        ))->click();
        $due = new \DateTimeImmutable('+14 days');
        $this->browser->getKeyboard()->sendKeys($due->format('dmY'));
        $this->until(fn (): bool => null !== $this->job('Ticket rack')->due, 'it is due in two weeks');
        $days = fn (): \stdClass => $this->studio->json('POST', '/api/compute/days');
        $plan = $days();
        self::assertSame([0, 0, 0], array_column($plan->pieces, 'late'));
        $busy = [];
        foreach ($plan->works as $work) {
            array_push($busy, ...(0 === $work->hands ? $work->stretches : []));
        }
        usort($busy, static fn (\stdClass $a, \stdClass $b): int => $a->start <=> $b->start);
        foreach ($busy as $i => $stretch) {
            self::assertLessThanOrEqual($stretch->start, $busy[$i - 1]->end ?? '', 'one pair of hands');
            self::assertMatchesRegularExpression('~T(0[89]|1[0-7]):~', $stretch->start, 'in working hours');
        }
        self::assertGreaterThanOrEqual(
            3,
            \count(array_unique(array_map(static fn (\stdClass $s): string => substr($s->start, 0, 10), $busy))),
        );
        $since = time();
        for ($done = 1; $done <= \count($plan->works); ++$done) {
            $button = $this->button('Mark step done');
            self::assertSame($done > 1, str_contains($this->active(), '>Mark step done'), 'the focus stays where it was');
            $button->sendKeys(WebDriverKeys::ENTER);
            $this->until(fn (): bool => $done === $this->finished($since), 'the next is done');
        }
        $this->until(fn (): bool => str_contains($this->main(), 'All steps done'), 'all is done');
        self::assertSame([], $days()->works);
        $this->go('/logbook');
        foreach (['Notice-board frame', 'Station-clock case', 'Ticket rack'] as $title) {
            $this->until(fn (): bool => str_contains($this->main(), $title), "$title is in the logbook");
        }
    }

    /** What a finished run was otherwise is told; what is ticked is in the draft of its recipe. */
    public function testALessonBecomesTheNextRevision(): void
    {
        $this->go('/logbook');
        $this->see('main li');
        $this->first(WebDriverBy::xpath('//main//a[contains(., "Two ochre coats are enough")]'))->click();
        $this->until(fn (): bool => str_contains($this->main(), 'Ochre: 2 times (planned 3 times)'), 'one coat less');
        $this->clickInView($this->first(WebDriverBy::cssSelector('input[aria-label^="Update recipe: Sand to 150"]')));
        $this->clickInView($this->button('Update recipe with these'));
        $this->until(fn (): bool => str_contains($this->main(), 'In the draft of the recipe'), 'taken');
        self::assertSame(55, $this->studio->recipe('stools')->document->steps[0]->handsOn);
        $this->write('What to do better', 'Sand for longer.');
        $this->clickInView($this->button('5 of 5'));
        $this->until(fn (): bool => 'true' === $this->button('5 of 5')->getAttribute('aria-checked'), 'it came out well');
    }

    /** A day that cannot be kept is told, with the keys alone. */
    public function testADayThatCannotBeKept(): void
    {
        $this->go('/days');
        $this->see('[data-testid=all-ready]');
        $this->opened('Platform stools');
        $this->first(WebDriverBy::xpath(
            '//section[starts-with(@aria-label, "Platform stools")]//label[.="Deadline"]/following::*[@role="spinbutton"][1]',
        ))->click();
        $this->browser->getKeyboard()->sendKeys((new \DateTimeImmutable('+1 day'))->format('dmY'));
        $this->until(fn (): bool => str_contains($this->main(), 'late'), 'it is late, and it is said by how much');
    }

    /**
     * On the drawn plan a job is dragged to another day and another place: it says so while it moves, the plan is made anew, and it is
     * taken back at a press. The arrow keys do the same.
     */
    public function testAJobIsDraggedToAnotherDayAndPlace(): void
    {
        $this->go('/days');
        $this->see('[data-testid=plan]');
        $this->until(fn (): bool => 3 === \count($this->browser->findElements(WebDriverBy::cssSelector('[data-now]'))), 'three jobs');
        self::assertNull($this->job('Ticket rack')->place);
        $name = $this->first(WebDriverBy::xpath("//button[@data-moves][contains(., 'Ticket rack')]"));
        $hall = $this->first(WebDriverBy::xpath("//button[@data-moves][contains(., 'Lamp cupboard')]"));
        $down = $hall->getLocation()->getY() - $name->getLocation()->getY() + 20;
        $this->browser->action()->clickAndHold($name)->moveByOffset(300, $down)->perform();
        $this->until(
            fn (): bool => 1 === preg_match('/Ticket rack.*: Unheated hall, start \w{3} \d+ \w{3} at the earliest/', $this->main()),
            'where it is going is said',
        );
        self::assertNull($this->job('Ticket rack')->place, 'nothing yet');
        $this->browser->action()->release()->perform();
        $this->until(
            fn (): bool => null !== $this->job('Ticket rack')->place && null !== $this->job('Ticket rack')->notBefore,
            'it is moved',
        );
        $moved = $this->job('Ticket rack');
        self::assertGreaterThan(date('Y-m-d'), $moved->notBefore);
        $this->until(
            fn (): bool => [] !== array_filter(
                $this->studio->json('POST', '/api/compute/days')->works,
                static fn (\stdClass $w): bool => $w->piece === $moved->id && $w->stretches[0]->start >= $moved->notBefore,
            ),
            'and planned from then on',
        );
        $this->button('Undo')->click();
        $this->until(
            fn (): bool => null === $this->job('Ticket rack')->place && null === $this->job('Ticket rack')->notBefore,
            'taken back',
        );
        $this->first(WebDriverBy::xpath("//button[@data-moves][contains(., 'Ticket rack')]"))->sendKeys(
            WebDriverKeys::ARROW_DOWN.WebDriverKeys::ARROW_DOWN.WebDriverKeys::ESCAPE.WebDriverKeys::ARROW_DOWN,
        );
        self::assertNull($this->job('Ticket rack')->place, 'not before it is said');
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => $moved->place === $this->job('Ticket rack')->place, 'moved by keys');
    }

    /** A line of a job, opened. */
    private function opened(string $title): RemoteWebElement
    {
        $line = $this->first(WebDriverBy::cssSelector("section[aria-label^=\"$title\"]"));
        $this->clickInView($line->findElement(WebDriverBy::tagName('summary')));

        return $line;
    }

    /**
     * How many works of all jobs were done since a moment.
     *
     * @phpstan-impure
     */
    private function finished(int $since): int
    {
        return array_sum(array_map(
            fn (\stdClass $run): int => \count(array_filter(
                $this->studio->json('GET', "/api/runs/$run->id")->works,
                static fn (\stdClass $w): bool => null !== $w->finished && $w->finished >= $since,
            )),
            $this->studio->json('GET', '/api/runs')->runs,
        ));
    }

    /**
     * @phpstan-impure
     */
    private function job(string $title): \stdClass
    {
        foreach ($this->studio->json('GET', '/api/runs?bench=true')->runs as $run) {
            if (str_starts_with($run->title, $title)) {
                return $run;
            }
        }
        self::fail("$title is not on the bench.");
    }
}
