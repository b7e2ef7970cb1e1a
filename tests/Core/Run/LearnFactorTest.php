<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Run;

use Inlaid\Core\Run\LearnFactor;
use Inlaid\Core\Run\Observed;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * What is learned of times that were noted.
 */
final class LearnFactorTest extends TestCase
{
    use Randomly;

    /**
     * By hand: one work that took twice as long. ln 2 × 1 ÷ (1 + 0.0625 ÷ 0.16) = 0.4985, so 1.646 times; within √(1 ÷ (16 + 6.25)) =
     * 0.212.
     */
    public function testByHand(): void
    {
        $pace = (new LearnFactor())->learn([self::times('brushed', 2.0)])['brushed'];
        self::assertEqualsWithDelta(1.646, $pace->factor, 1e-3);
        self::assertEqualsWithDelta(
            [exp(0.4985 - 1.645 * 0.212), exp(0.4985 + 1.645 * 0.212), 1],
            [$pace->low, $pace->high, $pace->count],
            2e-3,
        );
        self::assertSame([], (new LearnFactor())->learn([self::times('brushed', 40.0)]), 'dinner lay between');
    }

    /** The more works say the same, the nearer to it and the surer; never beyond it; and nine in ten hold what is true. */
    public function testItComesNearer(): void
    {
        $held = 0;
        $this->manyTimes(200, function () use (&$held): void {
            $true = exp($this->float(-0.5, 0.5));
            $draw = fn (): float => $true * exp(0.25 * (array_sum(array_map(fn (): float => $this->float(0, 1), range(1, 12))) - 6));
            $few = array_map(static fn (): Observed => self::times('x', $true), range(1, 2));
            $many = array_map(static fn (): Observed => self::times('x', $true), range(1, 30));
            [$a, $b] = [(new LearnFactor())->learn($few)['x'], (new LearnFactor())->learn($many)['x']];
            self::assertLessThanOrEqual(abs(log($true)) + 1e-3, abs(log($b->factor)));
            self::assertLessThanOrEqual(abs(log($b->factor)) + 1e-3, abs(log($a->factor)));
            self::assertLessThan($a->high / $a->low, $b->high / $b->low);
            $noisy = (new LearnFactor())->learn(array_map(static fn (): Observed => self::times('x', $draw()), range(1, 8)))['x'];
            $held += $noisy->low <= $true && $true <= $noisy->high ? 1 : 0;
        });
        self::assertGreaterThan(160, $held, 'of 200');
    }

    private static function times(string $of, float $ratio): Observed
    {
        return new Observed($of, 10.0, 10.0 * $ratio, 0);
    }
}
