<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Eye;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Eye\AskEye;
use Inlaid\Core\Eye\Dice;
use Inlaid\Core\Eye\EyeAnswer;
use Inlaid\Core\Eye\EyeKind;
use Inlaid\Core\Eye\EyeQuestion;
use Inlaid\Core\Eye\EyeSwatch;
use Inlaid\Core\Eye\LearnEye;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * Whole rounds of questions as eye.yaml has them, and what answers say in words.
 */
final class EyeWorkedOutTest extends TestCase
{
    private const SHELF = [
        'signal-cream', 'lamp-soot', 'platform-slate', 'poppy-bank', 'tunnel-mist', 'engine-green', 'water', 'varnish', 'tea-brown-stain',
    ];

    /** @return iterable<string, array{string}> */
    public static function rounds(): iterable
    {
        foreach (range(1, 8) as $round) {
            yield "round $round" => ["$round"];
        }
    }

    #[DataProvider('rounds')]
    public function testARound(string $seed): void
    {
        $shelf = array_values(array_intersect_key(
            Analysed::shelf(),
            array_flip(self::SHELF),
        ));
        $questions = (new AskEye())->ask($seed, $shelf, [Colour::of('#c9a877'), Colour::of('#8a5f3c'), Colour::of('#e5d3b3')], 12);
        self::assertCount(12, $questions);
        Said::assertSame(__DIR__.'/eye.yaml', (string) $this->dataName(), array_map(static fn (EyeQuestion $q): string => \sprintf(
            '%s: %s | %s | %d | %s',
            $q->kind->value,
            implode(', ', array_map(static fn (EyeSwatch $s): string => $s->label.' '.implode(' ', $s->colours), $q->shown)),
            implode(' / ', $q->options),
            $q->truth,
            $q->says,
        ), $questions));
    }

    public function testNothingToAskWith(): void
    {
        $ask = static fn (array $shelf): array => (new AskEye())->ask('s', array_values($shelf), [Colour::of('#c9a877')], 8);
        self::assertSame([], $ask([Given::paint()]), 'nothing to thin with');
        self::assertSame([], $ask([Given::water()]), 'no paint');
        $kinds = array_column($ask([Given::paint(), Given::water()]), 'kind');
        self::assertContains(EyeKind::Ratio, $kinds);
        self::assertNotContains(EyeKind::Nearer, $kinds, 'one paint alone is nearer to nothing');
    }

    /** Throws are spread, begin anew with each seed, and are the same each time. */
    public function testDice(): void
    {
        $throws = static function (string $seed): array {
            $dice = new Dice($seed);

            return array_map(static fn (): int => $dice->below(6), range(1, 600));
        };
        self::assertSame($throws('a'), $throws('a'));
        self::assertNotSame($throws('a'), $throws('b'));
        $counts = array_count_values($throws('a'));
        ksort($counts);
        self::assertSame(range(0, 5), array_keys($counts));
        self::assertGreaterThan(70, min(99, ...$counts));
        self::assertSame(0, (new Dice('a'))->below(0));
        self::assertSame(hexdec(substr(hash('xxh64', 'a|1'), 0, 12)) % 1000, (new Dice('a'))->below(1000));
        self::assertContains((new Dice('a'))->pick(['x', 'y']), ['x', 'y']);
    }

    /** @param list<int> $errors */
    #[TestWith([[0, 0, 0, 1, 1, 0, 0, 1, 0, 0, 1, 0, 0, 1, 0, 0, 1], 'You read mixes as thinner than they are, by a quarter of a step.'])]
    #[TestWith([[1, 0, 1, 0, 1, 0, 1, 0, 1, 0, 1, 0], 'You read mixes as thinner than they are, by half a step.'])]
    #[TestWith([[-1, -1, -1, -1, -1, -1, -1, -1, -1], 'You read mixes as thicker than they are, by one step.'])]
    #[TestWith([[2, 2, 2, 2, 2, 2, 2, 2, 2, 2], 'You read mixes as thinner than they are, by 2 steps.'])]
    #[TestWith([[2, 1, 1, 2, 1, 1, 2, 1, 2, 1, 1, 2, 1, 1, 1], 'You read mixes as thinner than they are, by 1.3 steps.'])]
    #[TestWith([[1, -1, 1, -1, 1, -1, 1, -1], 'You err to neither side.'])]
    #[TestWith([[1, 1, 1, 1, 1, 1, 1], 'Not enough answers yet.'])]
    #[TestWith([[1, 1, 1, 1, 1, 1, 1, 1], 'You read mixes as thinner than they are, by one step.'])]
    public function testWhatAnswersSay(array $errors, string $says): void
    {
        $answers = array_map(static fn (int $e): EyeAnswer => new EyeAnswer(EyeKind::Ratio, 0, 3, 3 + $e), $errors);
        $score = (new LearnEye())->learn($answers)[0];
        self::assertSame([$says, \count($errors)], [$score->inWords, $score->answered]);
        self::assertSame(\count(array_keys($errors, 0, true)), $score->right);
    }
}
