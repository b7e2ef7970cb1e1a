<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Mixing\Optimum;
use Inlaid\Core\Mixing\Row;
use Inlaid\Core\Mixing\SolveLinear;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * Every optimum comes with its proof: an answer that keeps all conditions, and prices under which none can be worth more.
 */
final class SolveLinearTest extends TestCase
{
    use Randomly;

    public function testEveryOptimumIsProvedByItsPrices(): void
    {
        $solved = $contradictory = 0;
        $this->manyTimes(200, function () use (&$solved, &$contradictory): void {
            $n = $this->int(1, 4);
            $objective = array_map(fn (): BigRational => $this->rational(-5, 5, 3), range(1, $n));
            $rows = [Row::atMost(array_fill(0, $n, BigRational::one()), BigRational::of(50))]; // so that nothing grows without end
            for ($i = $this->int(1, 4); $i > 0; --$i) {
                $factors = array_map(fn (): BigRational => BigRational::of($this->int(-4, 4)), range(1, $n));
                $rows[] = 0 === $this->int(0, 3)
                    ? Row::exactly($factors, BigRational::of($this->int(-9, 9)))
                    : Row::atMost($factors, BigRational::of($this->int(-6, 12)));
            }
            $found = (new SolveLinear())->maximise($n, $objective, $rows);
            if (null === $found) {
                ++$contradictory;
                $this->isContradictory($n, $rows);

                return;
            }
            ++$solved;
            $this->isProved($found, $objective, $rows);
        });
        self::assertGreaterThan(50, $solved);
        self::assertGreaterThan(10, $contradictory);
    }

    /**
     * Beale's example goes round in circles under the usual rule: maximum 1/20.
     */
    public function testItDoesNotGoRoundInCircles(): void
    {
        $found = (new SolveLinear())->maximise(4, self::row('3/4', '-150', '1/50', '-6'), [
            Row::atMost(self::row('1/4', '-60', '-1/25', '9'), BigRational::zero()),
            Row::atMost(self::row('1/2', '-90', '-1/50', '3'), BigRational::zero()),
            Row::atMost(self::row('0', '0', '1', '0'), BigRational::one()),
        ]);
        self::assertSame('1/20', (string) $found?->value);
    }

    public function testWhatGrowsWithoutEndIsAnError(): void
    {
        $this->expectException(\LogicException::class);
        (new SolveLinear())->maximise(1, self::row('1'), [Row::atMost(self::row('-1'), BigRational::zero())]);
    }

    /**
     * @param list<BigRational> $objective
     * @param list<Row>         $rows
     */
    private function isProved(Optimum $found, array $objective, array $rows): void
    {
        $value = $bound = BigRational::zero();
        foreach ($objective as $j => $worth) {
            self::assertFalse($found->at[$j]->isNegative());
            $value = $value->plus($worth->multipliedBy($found->at[$j]));
            $price = BigRational::zero();
            foreach ($rows as $i => $row) {
                $price = $price->plus($found->prices[$i]->multipliedBy($row->factors[$j]));
            }
            self::assertTrue($price->isGreaterThanOrEqualTo($worth), 'no variable is worth more than what it takes');
        }
        foreach ($rows as $i => $row) {
            $takes = BigRational::zero();
            foreach ($row->factors as $j => $factor) {
                $takes = $takes->plus($factor->multipliedBy($found->at[$j]));
            }
            self::assertTrue(
                $row->isExact ? $takes->isEqualTo($row->limit) : $takes->isLessThanOrEqualTo($row->limit),
                'every condition is kept',
            );
            self::assertTrue($row->isExact || !$found->prices[$i]->isNegative(), 'no price is negative');
            $bound = $bound->plus($found->prices[$i]->multipliedBy($row->limit));
        }
        self::assertTrue($value->isEqualTo($found->value) && $bound->isEqualTo($value), "worth $value, at most $bound");
    }

    /**
     * On a fine grid nothing keeps all the conditions, where all of them are inequalities.
     *
     * @param list<Row> $rows
     */
    private function isContradictory(int $n, array $rows): void
    {
        for ($try = 0; $try < 60; ++$try) {
            $at = array_map(fn (): BigRational => $this->rational(0, 8, 2), range(1, $n));
            $broken = array_filter($rows, static function (Row $row) use ($at): bool {
                $takes = BigRational::zero();
                foreach ($row->factors as $j => $factor) {
                    $takes = $takes->plus($factor->multipliedBy($at[$j]));
                }

                return $row->isExact ? !$takes->isEqualTo($row->limit) : $takes->isGreaterThan($row->limit);
            });
            self::assertNotEmpty($broken);
        }
    }

    /**
     * @return list<BigRational>
     */
    private static function row(string ...$factors): array
    {
        return array_map(BigRational::of(...), array_values($factors));
    }
}
