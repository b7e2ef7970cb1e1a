<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Inlaid\Tests\Http\Studio;

/**
 * Whole jobs as a person does them, from the first page to the last, where no other test goes all the way.
 */
final class JourneysTest extends Rooms
{
    /**
     * The first quarter of an hour in a studio with nothing in it: a finish is chosen, the piece is measured, the days are seen, the first
     * step is done. The tour is not taken.
     */
    public function testTheFirstQuarterOfAnHour(): void
    {
        $this->studio = Studio::empty($this->studio->store);
        $this->go('/');
        $this->until(fn (): bool => str_contains($this->main(), 'No recipes yet'), 'the book is empty');
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('main input[type=search]')), 'nothing to search in');
        $this->button('Choose a finish')->click();
        $this->choose('Wood', 'beech');
        $this->until(fn (): bool => str_contains($this->main(), 'finishes for beech'), 'a wall for this wood');
        $this->clickInView($this->first(WebDriverBy::xpath("//button[contains(., 'Worn edges over an undertone')]")));
        $this->until(fn (): bool => str_contains($this->main(), 'The undertone'), 'a whole recipe of it');
        $this->untilSaved();
        $this->until(fn (): bool => str_contains($this->text('body'), 'No findings'), 'that nothing speaks against');

        $this->first(WebDriverBy::linkText('Measure the piece'))->click();
        $this->see('[data-testid=part-area]');
        $this->choose('Shape', 'Top');
        $this->write('Length', '1200');
        $this->write('Width', '600');
        $this->write('Thickness', '22');
        // 1.2 × 0.6 + 2 × 1.2 × 0.022 + 2 × 0.6 × 0.022 m²
        $this->until(fn (): bool => '0.799 m²' === $this->text('[data-testid=part-area]'), 'measured');
        $this->untilSaved();
        $this->button('Section')->click();
        $this->see('#cut');
        self::assertSame([], $this->browser->findElements(WebDriverBy::linkText('Measure the piece')));
        $this->button('Save revision')->click();
        $this->see('[role=dialog] input')->sendKeys('First try'.WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->text('[data-testid=saving]'), 'from revision 1'), 'it is kept');

        $this->go('/days');
        $this->field('Start a job from')->sendKeys('worn');
        $this->pick('Worn edges over an undertone');
        $this->see('[data-testid=plan]');
        $this->until(fn (): bool => str_contains($this->main(), 'All ready '), 'its days are planned');
        $this->first(WebDriverBy::linkText('Bench'))->click();
        $this->see('[data-testid=act]');
        foreach (['Start', 'Done'] as $press) {
            $this->clickInView($this->first(WebDriverBy::xpath("//main//button[starts-with(normalize-space(), '$press')]")));
        }
        $this->until(fn (): bool => [] !== array_filter(
            $this->studio->json('GET', '/api/runs')->runs,
            fn (\stdClass $r): bool => [] !== array_filter(
                $this->studio->json('GET', "/api/runs/$r->id")->works,
                static fn (\stdClass $w): bool => null !== $w->finished,
            ),
        ), 'the first step is done');
    }

    /**
     * A counter nobody knows the finish of: asked drop by drop it is shellac; what must go is taken into the recipe, and nothing stops it.
     */
    public function testFromTheSurveyToThePreparation(): void
    {
        $id = $this->studio->recipe('counter')->id;
        $this->go("/recipes/$id/piece");
        $this->see('[data-testid=part-area]');
        $this->choose('Existing finish', 'unknown finish');
        foreach ([
            'A drop of alcohol on a hidden spot' => 'softens and gets sticky',
            'A drop of water, after a minute' => 'beads up',
            'Mineral spirit on a rag, rubbed hard' => 'shines only while wet',
            'A lead test on every layer' => 'shows none in any layer',
        ] as $test => $answer) {
            $this->clickInView($this->first(WebDriverBy::xpath(
                "//*[normalize-space(text())='$test']/following::button[normalize-space()='$answer'][1]",
            )));
        }
        $this->until(fn (): bool => str_contains($this->main(), "shellac\n76 %"), 'most likely shellac');
        $this->choose('Existing finish', 'shellac');
        $this->first(WebDriverBy::xpath("//button[contains(., 'Preparation before the first coat')]"))->click();
        $all = WebDriverBy::xpath("//button[starts-with(normalize-space(), 'Add all ')]");
        $this->until(fn (): bool => [] !== $this->browser->findElements($all), 'what it needs is proposed');
        $this->clickInView($this->first($all));
        $this->until(fn (): bool => str_contains($this->main(), 'Nothing to suggest'), 'and taken into the recipe');
        $this->untilSaved();
        $document = $this->studio->recipe('counter')->document;
        self::assertContains('stripped', array_column($document->steps, 'technique'));
        $found = $this->studio->json('POST', '/api/preview', ['document' => $document])->preview->findings;
        self::assertSame([], array_filter($found, static fn (\stdClass $f): bool => 'stop' === $f->severity));
    }

    /** The cupboard was liked: six more of it. What was learned is said, the rest of the glaze is used first, and six are planned. */
    public function testSixMoreFromWhatIsLeft(): void
    {
        $cupboard = array_values(array_filter(
            $this->studio->json('GET', '/api/runs')->runs,
            static fn (\stdClass $r): bool => str_starts_with($r->title, 'Lamp cupboard'),
        ))[0];
        $this->go("/logbook/$cupboard->id");
        $this->button('Repeat this job')->click();
        $this->until(fn (): bool => str_contains($this->text('[role=dialog]'), 'Use first (in stock)'), 'what is left is said');
        self::assertStringContainsString('for “Smoke glaze”', $this->text('[role=dialog]'));
        self::assertStringContainsString('calculated', $this->text('[data-testid=match-card]'));
        $this->write('Number', '6');
        $this->button('Start job')->click();
        $this->see('[data-testid=plan]');
        $this->until(fn (): bool => 6 === \count($this->studio->json('GET', '/api/runs')->runs), 'a job more');
        $six = array_values(array_filter(
            $this->studio->json('GET', '/api/runs')->runs,
            static fn (\stdClass $r): bool => $r->title === $cupboard->title && $r->id !== $cupboard->id,
        ))[0];
        $document = $this->studio->json('GET', "/api/runs/$six->id")->document;
        self::assertSame(6, $document->piece->count);
        $pours = array_column($this->studio->json('POST', '/api/preview', ['document' => $document])->preview->steps, 'pour', 'name');
        self::assertNotSame([], $pours['Smoke glaze']->pots, 'what the pot on the shelf gives is poured from it');
        $this->go("/bench/$six->id");
        $this->see('[data-testid=act]');
        $this->until(fn (): bool => str_contains($this->main(), 'Sand to 150') && str_contains($this->main(), '1 of 17'), 'its first step');
    }

    /** The disk dies in the middle of a day: it is said what to do, and with last night's copy the work is there again. */
    public function testRestoredAfterADisaster(): void
    {
        $copy = $this->studio->store.'.copy';
        self::assertSame(0, $this->studio->run('inlaid:backup', ['target' => $copy])[0]);
        $this->go('/');
        $this->see('main li h2');
        array_map(unlink(...), glob($this->studio->store.'-*') ?: []);
        file_put_contents($this->studio->store, random_bytes(200_000));
        $this->browser->navigate()->refresh();
        $this->until(fn (): bool => str_contains($this->text('body'), 'damaged'), 'it says what is wrong');
        self::assertStringContainsString('inlaid:restore', $this->text('body'), 'and what to do');
        [$code, $said] = $this->studio->run('inlaid:restore', ['source' => $copy]);
        self::assertSame(0, $code, $said);
        $this->button('Try again')->click();
        $this->until(fn (): bool => 7 === \count($this->browser->findElements(WebDriverBy::cssSelector('main li h2'))), 'all recipes');
        $this->first(WebDriverBy::xpath("//h2[.='Ticket rack, slate wash']"))->click();
        $this->see('[data-testid=film]');
        array_map(unlink(...), [$copy, ...glob($this->studio->store.'.before-restore-*') ?: []]);
    }
}
