<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Piece;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Material\Bleed;
use Inlaid\Core\Piece\Conclusion;
use Inlaid\Core\Piece\DecideFinish;
use Inlaid\Core\Piece\Fault;
use Inlaid\Core\Piece\Field;
use Inlaid\Core\Piece\FieldTest;
use Inlaid\Core\Piece\FinishKind;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\InvalidPiece;
use Inlaid\Core\Piece\OldFinish;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Piece\SurveyPart;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * What field tests tell of an old piece.
 */
final class SurveyTest extends TestCase
{
    use Randomly;

    /**
     * @return iterable<string, array{FinishKind, array<string, string>, bool}>
     */
    public static function leads(): iterable
    {
        yield 'old paint nobody tested' => [FinishKind::Paint, [], true];
        yield 'surely later than the ban' => [FinishKind::Paint, ['age' => 'after'], false];
        yield 'older, or nobody knows' => [FinishKind::Paint, ['age' => 'before'], true];
        yield 'older, but tested' => [FinishKind::Paint, ['age' => 'before', 'lead' => 'none'], false];
        yield 'found, whatever is said of its age' => [FinishKind::Paint, ['age' => 'after', 'lead' => 'found'], true];
        yield 'varnish may hide paint' => [FinishKind::Varnish, [], true];
        yield 'nobody knows what it is' => [FinishKind::Unknown, [], true];
        yield 'shellac never did' => [FinishKind::Shellac, [], false];
        yield 'bare' => [FinishKind::Bare, [], false];
    }

    /**
     * @param array<string, string> $tests
     */
    #[DataProvider('leads')]
    public function testOldPaintMayHoldLeadUntilItIsTested(FinishKind $finish, array $tests, bool $may): void
    {
        $wood = Substrate::of(SubstrateKind::Solid, 'lime', Grain::Close, Colour::of('#e5d3b3'));
        self::assertSame(
            $may,
            PiecePart::of('p', 'Part', Surface::free(1.0), 1, $wood, new OldFinish($finish), tests: $tests)->mayHoldLead(),
        );
    }

    /**
     * @param array<string, string> $tests
     */
    #[TestWith([['alcohol' => 'softens'], FinishKind::Shellac])]
    #[TestWith([['spirit' => 'smears'], FinishKind::Waxed])]
    #[TestWith([['water' => 'darkens', 'spirit' => 'nothing'], FinishKind::Bare])]
    #[TestWith([['alcohol' => 'nothing', 'thinner' => 'softens', 'water' => 'beads', 'spirit' => 'nothing'], FinishKind::Lacquer])]
    #[TestWith([['alcohol' => 'nothing', 'thinner' => 'nothing', 'water' => 'beads', 'spirit' => 'nothing'], FinishKind::Varnish])]
    public function testTheDropThatDissolvesItNamesIt(array $tests, FinishKind $kind): void
    {
        $found = (new DecideFinish())->decide(FinishKind::Unknown, $tests);
        self::assertSame($kind, $found[0]->kind);
        self::assertGreaterThan($found[1]->probability, $found[0]->probability);
    }

    /**
     * Bayes' rule by hand: shellac 0.18 × 0.96 = 0.1728 of all that alcohol softens, 0.0016 + 0.0048 + 0.007 + 0.1728 + 0.0132
     * + 0.018 + 0.0168 = 0.2342: 73.78 %.
     */
    public function testOneDropOfAlcoholReckonedByHand(): void
    {
        self::assertEqualsWithDelta(
            0.7378,
            (new DecideFinish())->decide(FinishKind::Unknown, ['alcohol' => 'softens'])[0]->probability,
            5e-4,
        );
    }

    public function testProbabilitiesSumToOneAndTheOrderOfTestsDoesNotMatter(): void
    {
        $this->manyTimes(120, function (): void {
            $tests = $this->tests();
            $believed = FinishKind::cases()[$this->int(0, 7)];
            $found = (new DecideFinish())->decide($believed, $tests);
            self::assertEqualsWithDelta(1.0, array_sum(array_map(static fn ($f): float => $f->probability, $found)), 1e-3);
            self::assertEquals($found, (new DecideFinish())->decide($believed, array_reverse($tests, true)));
            self::assertCount(7, $found);
        });
    }

    /**
     * No test that is left is expected to tell more than the one that is asked for next: worked out again from the answers'
     * own chances, which the law of total probability gives from the probabilities before and after.
     */
    public function testTheNextTestIsTheOneThatTellsMost(): void
    {
        $this->manyTimes(60, function (): void {
            $tests = array_intersect_key($this->tests(), ['water' => 1, 'spirit' => 1, 'alcohol' => 1, 'thinner' => 1]);
            $decide = new DecideFinish();
            $gains = [];
            foreach (array_diff(['water', 'spirit', 'alcohol', 'thinner'], array_keys($tests)) as $key) {
                $now = $this->byKind($tests);
                [$one, $other] = array_map(
                    fn (string $answer): array => $this->byKind([$key => $answer] + $tests),
                    array_keys(FieldTest::from($key)->answers()),
                );
                // p = c·p₁ + (1 − c)·p₂ for every kind; the kind that differs most gives the chance c most sharply.
                $kinds = array_keys($now);
                usort($kinds, static fn (string $a, string $b): int => abs($one[$b] - $other[$b]) <=> abs($one[$a] - $other[$a]));
                $chance = ($now[$kinds[0]] - $other[$kinds[0]]) / ($one[$kinds[0]] - $other[$kinds[0]]);
                $gains[$key] = self::bits($now) - $chance * self::bits($one) - (1 - $chance) * self::bits($other);
            }
            $next = $decide->next(FinishKind::Unknown, $tests);
            if (null === $next) {
                self::assertLessThan(0.06, max([0.0, ...array_values($gains)]));

                return;
            }
            $most = max([0.0, ...array_values($gains)]);
            self::assertEqualsWithDelta($most, $next[1], 0.01);
            self::assertEqualsWithDelta($most, $gains[$next[0]->value] ?? -1.0, 0.01);
        });
    }

    public function testEveryAnswerChangesWhatFollows(): void
    {
        $survey = static fn (array $tests, OldFinish $finish = new OldFinish(FinishKind::Unknown)): array => array_column(
            array_map(
                static fn (Conclusion $c): array => [$c->about, $c->text],
                (new SurveyPart())->survey(self::part($finish, $tests))->conclusions,
            ),
            1,
            0,
        );
        $untested = $survey([]);
        self::assertStringContainsString('Not tested', $untested['Bleeding']);
        self::assertStringContainsString('Not tested', $untested['Adhesion']);
        self::assertStringContainsString('t dry-sand it until tested', $untested['Lead']);
        self::assertStringContainsString('dissolves in water', $survey(['rag' => 'coloured'])['Bleeding']);
        self::assertArrayNotHasKey('Bleeding', $survey(['rag' => 'clean']));
        self::assertStringContainsString('Remove it', $survey(['tape' => 'lifts'])['Adhesion']);
        self::assertArrayNotHasKey('Adhesion', $survey(['tape' => 'holds']));
        self::assertStringContainsString('Measure the face veneer', $survey(['edge' => 'layers'])['Veneer']);
        self::assertStringContainsString('licensed practice', $survey(['lead' => 'found'])['Lead']);
        self::assertArrayNotHasKey('Lead', $survey(['lead' => 'none']));
        self::assertArrayNotHasKey('Lead', $survey(['age' => 'after']));
        self::assertArrayHasKey('Lead', $survey(['age' => 'before']));
        self::assertStringContainsString(
            'You entered varnish. The tests suggest shellac',
            $survey(
                ['alcohol' => 'softens', 'thinner' => 'nothing', 'spirit' => 'nothing', 'water' => 'beads'],
                new OldFinish(FinishKind::Varnish),
            )['Old finish'],
        );
        self::assertSame([], $survey([], new OldFinish()), 'bare new wood asks for nothing');
    }

    public function testHowSureIsSaid(): void
    {
        $sure = static fn (FinishKind $kind, array $tests): string => (new SurveyPart())->survey(self::part(
            new OldFinish($kind),
            $tests,
        ))->sure;
        self::assertSame('not tested', $sure(FinishKind::Unknown, []));
        self::assertSame('your entry, untested', $sure(FinishKind::Shellac, ['rag' => 'clean']));
        self::assertSame('nearly certain', $sure(FinishKind::Shellac, ['alcohol' => 'softens']));
        self::assertSame('likely', $sure(FinishKind::Unknown, ['alcohol' => 'softens']));
        self::assertSame('open', $sure(FinishKind::Unknown, ['water' => 'beads']));
    }

    public function testBleedsFaultsAndPatchesAreEachAnswered(): void
    {
        foreach (Bleed::cases() as $bleed) {
            $found = (new SurveyPart())->survey(self::part(new OldFinish(), [], [$bleed]))->conclusions;
            self::assertSame([$bleed->inWords(), $bleed->heldBackBy()], [$found[0]->about, $found[0]->text]);
        }
        $part = PiecePart::of(
            'p',
            'Part',
            Surface::free(1.0),
            1,
            self::wood(),
            faults: Fault::cases(),
            fields: [
                Field::of('a', 'Thirsty', 0.02, colour: Colour::of('#ccaa88'), drinks: 2.4),
                Field::of('b', 'Closed', 0.02, colour: Colour::of('#ccaa88'), drinks: 0.6),
                Field::of('c', 'Alike', 0.02, colour: self::wood()->colour, drinks: 1.2),
                Field::of('d', 'Filling', 0.02, colour: Colour::of('#c9a877'), drinks: 1.2),
                Field::of('e', 'Left board', 0.5),
            ],
        );
        $found = array_column(
            array_map(static fn (Conclusion $c): array => [$c->about, $c->text], (new SurveyPart())->survey($part)->conclusions),
            1,
            0,
        );
        self::assertCount(\count(Fault::cases()) + 4, $found);
        self::assertStringContainsString('100 % more', $found['Thirsty']);
        self::assertStringContainsString('50 % less', $found['Closed']);
        self::assertSame('It has the colour of the wood. It absorbs like the wood around it.', $found['Alike']);
        self::assertStringStartsWith('It is darker and yellower than the wood (ΔE 12).', $found['Filling'], '12.1, reckoned apart');
    }

    public function testAnswersNoTestCanHaveAreRefused(): void
    {
        foreach ([['moon' => 'full'], ['water' => 'burns']] as $tests) {
            try {
                self::part(new OldFinish(), $tests);
                self::fail('Nonsense was accepted.');
            } catch (InvalidPiece $refusal) {
                self::assertStringContainsString('No ', $refusal->getMessage());
            }
        }
    }

    /**
     * @param array<string, string> $tests
     *
     * @return array<string, float>
     */
    private function byKind(array $tests): array
    {
        $by = array_column(
            array_map(
                static fn ($f): array => [$f->kind->value, $f->probability],
                (new DecideFinish())->decide(FinishKind::Unknown, $tests),
            ),
            1,
            0,
        );
        ksort($by);

        return $by;
    }

    /**
     * @param array<string, float> $probability
     */
    private static function bits(array $probability): float
    {
        return array_sum(array_map(static fn (float $p): float => $p > 0 ? -$p * log($p, 2) : 0.0, $probability));
    }

    /**
     * @return array<string, string>
     */
    private function tests(): array
    {
        $tests = [];
        foreach (FieldTest::cases() as $test) {
            if (1 === $this->int(0, 1)) {
                $tests[$test->value] = array_keys($test->answers())[$this->int(0, 1)];
            }
        }

        return $tests;
    }

    /**
     * @param array<string, string> $tests
     * @param list<Bleed>           $bleeds
     */
    private static function part(OldFinish $finish, array $tests, array $bleeds = []): PiecePart
    {
        return PiecePart::of('p', 'Part', Surface::free(1.0), 1, self::wood($bleeds), $finish, tests: $tests);
    }

    /**
     * @param list<Bleed> $bleeds
     */
    private static function wood(array $bleeds = []): Substrate
    {
        return Substrate::of(SubstrateKind::Solid, 'lime', Grain::Close, Colour::of('#e5d3b3'), bleeds: $bleeds);
    }
}
