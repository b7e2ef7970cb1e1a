<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Practice;

use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Practice\Choice;
use Inlaid\Core\Practice\InvalidPractice;
use Inlaid\Core\Practice\PersonalFactors;
use Inlaid\Core\Practice\Practice;
use Inlaid\Core\Practice\WorkingDefaults;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Made;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\TestCase;

/**
 * What the trade answers differently, and what each answer changes.
 */
final class PracticesTest extends TestCase
{
    /** Every question with its answers and their reasons, as they are read. */
    public function testQuestionsAndAnswersAsTheyAreRead(): void
    {
        foreach (Given::practices()->all() as $practice) {
            Said::assertSame(__DIR__.'/practices.yaml', $practice->key(), [$practice->question() => array_map(
                static fn (Choice $c): string => "$c->key: $c->name. $c->why",
                $practice->choices(),
            )]);
        }
        $keys = array_map(static fn (Practice $p): string => $p->key(), Given::practices()->all());
        $sorted = $keys;
        sort($sorted);
        self::assertSame($sorted, $keys);
    }

    /** The recipe's answer goes before the studio's, and that before the usual one; each changes its own figure and no other. */
    public function testAnAnswerChangesItsOwnFigureOnly(): void
    {
        $practices = Given::practices();
        $usual = $practices->habits([], []);
        self::assertSame([FilmWeight::Normal, 1.0, 180], [$usual->weight, $usual->brushing, $usual->lastGrit]);
        self::assertTrue($usual->holds('scuffing', 'always'));
        self::assertFalse($usual->holds('scuffing', 'no-prep'));
        self::assertFalse($usual->holds('nonsense', 'always'));
        $figures = static fn (WorkingDefaults $h): array => [$h->weight, $h->brushing, $h->lastGrit];
        foreach ([
            ['coat-thickness', 'thin-many', [FilmWeight::Thin, 1.0, 180]],
            ['coat-thickness', 'heavy-few', [FilmWeight::Heavy, 1.0, 180]],
            ['coat-thickness', 'as-label', [FilmWeight::Normal, 1.0, 180]],
            ['brush-direction', 'every-way', [FilmWeight::Normal, 1.3, 180]],
            ['brush-direction', 'one-way', [FilmWeight::Normal, 1.0, 180]],
            ['last-grit', '120', [FilmWeight::Normal, 1.0, 120]],
            ['last-grit', '320', [FilmWeight::Normal, 1.0, 320]],
            ['stain-blocking', 'never', [FilmWeight::Normal, 1.0, 180]],
        ] as [$question, $answer, $wanted]) {
            self::assertSame($wanted, $figures($practices->habits([$question => $answer], [])), $answer);
            self::assertTrue($practices->habits([$question => $answer], [])->holds($question, $answer));
        }
        $both = $practices->habits(['last-grit' => '120', 'coat-thickness' => 'thin-many'], ['last-grit' => '220']);
        self::assertSame([FilmWeight::Thin, 1.0, 220], $figures($both));
        self::assertTrue($both->holds('last-grit', '220') && !$both->holds('last-grit', '120'));
    }

    public function testUnknownQuestionsAndAnswersAreRefused(): void
    {
        self::assertSame(['Brushing direction', 'with the grain'], Given::practices()->inWords('brush-direction', 'one-way'));
        Given::practices()->check('part-order', 'top-last');
        foreach ([
            ['weather', 'wet', 'Unknown practice “weather”.'],
            ['part-order', 'wet', '“wet” isn\'t an option of “part-order”.'],
        ] as [$question, $answer, $says]) {
            try {
                Given::practices()->check($question, $answer);
                self::fail('taken');
            } catch (InvalidPractice $error) {
                self::assertSame($says, $error->getMessage());
            }
        }
    }

    /** A tool that was never timed goes at the pace of its technique; what was never timed at all at the typical one. */
    public function testThePaintersOwnFigures(): void
    {
        $own = new PersonalFactors(
            paces: ['brushed' => 0.8, 'brushed/pad' => 0.6],
            drying: ['paint' => 1.5],
            amounts: ['paint/brushed' => 1.2],
        );
        $paces = [$own->pace('brushed', null), $own->pace('brushed', 'pad'), $own->pace('brushed', 'sponge'), $own->pace('waxed', null)];
        self::assertSame([0.8, 0.6, 0.8, 1.0], $paces);
        self::assertSame([1.5, null, null], [$own->dries(Given::paint()), $own->dries(Given::water()), $own->dries(null)]);
        self::assertSame(
            [1.2, null, null],
            [$own->takes(Given::paint(), 'brushed'), $own->takes(Given::paint(), 'waxed'), $own->takes(null, 'brushed')],
        );
        $habits = Given::practices()->habits(['last-grit' => '220'], [])->withOwn($own);
        self::assertSame([$own, 220], [$habits->own, $habits->lastGrit]);
        self::assertSame($own, $habits->withWeight(FilmWeight::Thin)->withBrushing(1.3)->withLastGrit(120)->holding('a', 'b')->own);
        self::assertTrue(
            $habits->withWeight(FilmWeight::Thin)->withBrushing(1.3)->withLastGrit(120)->withOwn($own)->holds('last-grit', '220'),
        );
    }

    /** Every step of a recipe follows: 40 minutes of brushing take three tenths longer every way, and thin coats are thin. */
    public function testStepsFollowThePractices(): void
    {
        $recipe = Made::recipe([Made::step('coat', 'brushed', Given::paint())], area: 4.8);
        $work = static fn (array $studio) => Made::worksWith($recipe, Given::practices()->habits($studio, []))[0];
        [$usual, $every, $thin] = [$work([]), $work(['brush-direction' => 'every-way']), $work(['coat-thickness' => 'thin-many'])];
        // 4.8 m² at 0.12 m² a minute.
        self::assertSame(12, $every->handsOn - $usual->handsOn);
        self::assertSame([FilmWeight::Normal, FilmWeight::Thin], [$usual->weight, $thin->weight]);
    }
}
