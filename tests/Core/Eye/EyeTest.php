<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Eye;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\ColourDifference;
use Inlaid\Core\Eye\AskEye;
use Inlaid\Core\Eye\EyeAnswer;
use Inlaid\Core\Eye\EyeKind;
use Inlaid\Core\Eye\EyeQuestion;
use Inlaid\Core\Eye\EyeScore;
use Inlaid\Core\Eye\EyeWeek;
use Inlaid\Core\Eye\LearnEye;
use Inlaid\Core\Material\Material;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * Questions that train a painter's eye, and what the answers tell of it.
 */
final class EyeTest extends TestCase
{
    use Randomly;

    private const MONDAY = 1_795_996_800; // 30 November 2026
    private const WEEK = 7 * 86_400;

    /** What is called right is so by the very colours that are shown, and can be told. */
    public function testWhatIsRightIsToBeSeen(): void
    {
        $seen = array_fill_keys(array_column(EyeKind::cases(), 'value'), 0);
        $truths = [];
        foreach (range(1, 12) as $round) {
            foreach ($this->ask("round $round") as $question) {
                ++$seen[$question->kind->value];
                $truths[$question->kind->value][$question->truth] = true;
                self::assertArrayHasKey($question->truth, $question->options);
                $colours = array_map(static fn ($s): array => $s->colours, $question->shown);
                match ($question->kind) {
                    EyeKind::Ratio => self::assertSame(
                        0 === $question->truth,
                        self::apart(...$colours[1]) - self::apart(...$colours[0]) < 2.0,
                        'only what is not thinned is as even on the card as what is not thinned',
                    ),
                    EyeKind::Coats => self::assertLessThan(
                        self::apart($colours[0][0], $colours[1][0]),
                        self::apart($colours[2][0], $colours[1][0]),
                        'some of the way from bare wood to what is covered',
                    ),
                    EyeKind::Nearer => self::assertLessThan(
                        self::apart($colours[0][0], $colours[2 - $question->truth][0]),
                        self::apart($colours[0][0], $colours[1 + $question->truth][0]),
                        'the other is farther off',
                    ),
                    EyeKind::Buried => self::assertSame(0 === $question->truth, self::apart(...$colours[1]) < 1.0),
                };
            }
        }
        self::assertSame([36, 36, 36, 36], array_values($seen), 'of every kind as many');
        foreach ($truths as $kind => $of) {
            self::assertGreaterThan(1, \count($of), "$kind has more than one answer");
        }
    }

    /** The more a mix is thinned, the thinner it is on the card: the options are in that order. */
    public function testTheLadderIsInOrder(): void
    {
        $by = [];
        foreach (range(1, 30) as $round) {
            foreach ($this->ask("ladder $round") as $q) {
                if (EyeKind::Ratio === $q->kind) {
                    [$paint, $said] = explode(', ', rtrim($q->says, '.'));
                    self::assertSame([$q->options[$q->truth], 'not thinned'], [$said, $q->options[0]]);
                    $by[$paint][$q->truth][] = self::apart(...$q->shown[1]->colours);
                }
            }
        }
        self::assertCount(4, $by);
        foreach ($by as $paint => $rungs) {
            ksort($rungs);
            self::assertGreaterThan(2, \count($rungs), $paint);
            foreach (\array_slice(array_keys($rungs), 1) as $rung) {
                self::assertGreaterThan(max($rungs[$rung - 1] ?? [0.0]), min($rungs[$rung]), "$paint, rung $rung");
            }
        }
    }

    public function testTheSameSeedAsksTheSame(): void
    {
        self::assertEquals($this->ask('a'), $this->ask('a'));
        self::assertNotEquals($this->ask('a'), $this->ask('b'));
        self::assertSame(
            [],
            (new AskEye())->ask(seed: 'a', shelf: [Given::paint()], woods: [Colour::of('#c9a877')], count: 8),
            'nothing to thin with',
        );
    }

    /**
     * Forty eyes that read everything as thicker by 0.7 steps, give or take one: in 60 answers nearly all are found out, to the right side
     * and as far as that; of forty eyes without a bias nearly none is blamed.
     */
    public function testABiasIsFoundAndNoneIsMadeUp(): void
    {
        $found = $blamed = $covered = 0;
        $this->manyTimes(40, function () use (&$found, &$blamed, &$covered): void {
            $biased = $this->score(EyeKind::Ratio, fn (): int => $this->int(1, 100) <= 70 ? -1 : 0);
            $found += $biased->isBiased && $biased->bias < 0 && str_starts_with($biased->inWords, 'You read mixes as thicker') ? 1 : 0;
            $covered += $biased->low <= -0.7 && $biased->high >= -0.7 ? 1 : 0;
            $fair = $this->score(EyeKind::Coats, fn (): int => [-1, 0, 0, 1][$this->int(0, 3)]);
            $blamed += $fair->isBiased ? 1 : 0;
            self::assertEqualsWithDelta($fair->bias, ($fair->low + $fair->high) / 2, 0.011);
        });
        self::assertSame(40, $found);
        self::assertGreaterThanOrEqual(34, $covered);
        self::assertLessThanOrEqual(8, $blamed);
    }

    /** The mean of ten answers that were all one too much: 1 × 10 ÷ (10 + ½²) = 0.976, give or take 1.645 ÷ √(10 ÷ ½² + 1) = 0.257. */
    public function testTheFiguresOfABias(): void
    {
        $score = $this->score(EyeKind::Coats, static fn (): int => 1, 10);
        self::assertSame([0.98, 0.72, 1.23, 0], [$score->bias, $score->low, $score->high, $score->right]);
        self::assertSame('You see more coats than there are, by one coat.', $score->inWords);
        self::assertSame('Not enough answers yet.', $this->score(EyeKind::Coats, static fn (): int => 1, 7)->inWords);
        self::assertSame(
            'You call buried what still shows, by 52 in a hundred.', // 10 of 19: 0.526 × 19 ÷ (19 + 0.263)
            $this->score(EyeKind::Buried, static fn (int $i): int => -($i % 2), 19, 1)->inWords,
        );
        $neither = $this->score(EyeKind::Nearer, static fn (): int => 1, 30);
        self::assertNull($neither->bias, 'of two that have no order nobody errs to a side');
    }

    /** Weeks begin on Mondays, whenever in them one answered. */
    public function testWeeksAreTold(): void
    {
        $answers = [];
        foreach ([0, 6 * 86_400 + 86_399, self::WEEK, self::WEEK + 5, 3 * self::WEEK - 1] as $i => $after) {
            $answers[] = new EyeAnswer(kind: EyeKind::Nearer, at: self::MONDAY + $after, truth: 1, said: $i % 2);
        }
        self::assertEquals(
            [
                new EyeWeek(from: '2026-11-30', answered: 2, right: 1),
                new EyeWeek(from: '2026-12-07', answered: 2, right: 1),
                new EyeWeek(from: '2026-12-14', answered: 1, right: 0),
            ],
            (new LearnEye())->learn($answers)[2]->weeks,
        );
    }

    /**
     * @param \Closure(int): int $error
     */
    private function score(EyeKind $kind, \Closure $error, int $count = 60, int $truth = 2): EyeScore
    {
        $answers = array_map(
            static fn (int $i): EyeAnswer => new EyeAnswer(kind: $kind, at: self::MONDAY, truth: $truth, said: $truth + $error($i)),
            range(1, $count),
        );
        foreach ((new LearnEye())->learn($answers) as $score) {
            if ($kind === $score->kind) {
                return $score;
            }
        }
        self::fail('Every kind has its score.');
    }

    /**
     * @return list<EyeQuestion>
     */
    private function ask(string $seed): array
    {
        $paint = static fn (string $id, string $colour, float $hides): Material => Given::paint(id: $id, colour: $colour, hides: $hides);

        return (new AskEye())->ask(
            seed: $seed,
            shelf: [
                $paint('slate', '#5b6b73', 0.97),
                $paint('cream', '#efe3c4', 0.9),
                $paint('rust', '#8a3a28', 0.93),
                $paint('sage', '#9aa78c', 0.95),
                Given::water(),
            ],
            woods: [Colour::of('#c9a877'), Colour::of('#8a5f3c')],
            count: 12,
        );
    }

    private static function apart(string $a, string $b): float
    {
        return ColourDifference::between(Colour::of($a), Colour::of($b))->deltaE;
    }
}
