<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Stock;

use Brick\Math\BigRational;
use Inlaid\Core\Stock\Account;
use Inlaid\Core\Stock\Balance;
use Inlaid\Core\Stock\Move;
use Inlaid\Core\Stock\RoundLedger;
use Inlaid\Tests\Core\Bounds;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * The ledger's grid: a millionth of a gram, and nothing gets lost on it.
 */
final class LedgerTest extends TestCase
{
    use Bounds;
    use Randomly;

    public function testAMoveIsOnTheGrid(): void
    {
        $move = static fn (string $grams): Move => Move::of('paint', BigRational::of($grams), Account::shelf(), Account::pot('one'));
        self::assertSame(['0.333333', '0.000001', '1000000000'], array_map(
            static fn (string $g): string => $move($g)->written()['grams'],
            ['1/3', '0.0000005', '1000000000'],
        ));
        self::assertSame(
            ['material' => 'paint', 'grams' => '2.5', 'from' => 'shelf', 'to' => 'pot:one'],
            $move('5/2')->written(),
        );
        self::assertSame('Enter an amount above 0.', self::refusal(static fn () => $move('0.0000004')));
        self::assertSame('Enter an amount above 0.', self::refusal(static fn () => $move('-1')));
        self::assertSame('Over 1,000 tonnes. Check the amount and its unit.', self::refusal(static fn () => $move('1000000001')));
    }

    public function testWhatIsOnHand(): void
    {
        $onHand = array_map(static fn (Account $a): bool => $a->isOnHand(), [
            Account::shelf(),
            Account::pot('one'),
            Account::written('pot:two'),
            Account::bought(),
            Account::used(),
            Account::thrown(),
            Account::written('a pot:'),
        ]);
        self::assertSame([true, true, true, false, false, false, false], $onHand);
    }

    /** 300 g bought; 100 g into one pot, 50 into another, all of the first used. */
    public function testABalanceTellsWhatIsWhere(): void
    {
        [$one, $two] = [Account::pot('one'), Account::pot('two')];
        $balance = Balance::of()->after(
            Move::of('paint', BigRational::of(300), Account::bought(), Account::shelf()),
            Move::of('paint', BigRational::of(100), Account::shelf(), $one),
            Move::of('paint', BigRational::of(50), Account::shelf(), $two),
            Move::of('water', BigRational::of(20), Account::bought(), $two),
        );
        self::assertSame('150', (string) $balance->inPots('paint'));
        self::assertSame('0', (string) $balance->inPots('wax'));
        $balance = $balance->after(...$balance->draw($one, BigRational::one(), Account::used()));
        self::assertSame('50', (string) $balance->inPots('paint'));
        self::assertSame([], $balance->all($one), 'nothing of nothing is told');
        self::assertSame(['paint' => '50', 'water' => '20'], array_map(strval(...), $balance->all($two)));
        $rows = array_map(static fn (array $r): string => "$r[0] $r[1] $r[2]", [...$balance->rows()]);
        self::assertSame(
            ['bought paint 300', 'bought water 20', 'shelf paint 150', 'pot:two paint 50', 'pot:two water 20', 'used paint 100'],
            $rows,
        );
        $there = 'Not enough in stock. Enter a smaller amount.';
        self::assertSame($there, self::refusal(static fn () => $balance->draw($two, BigRational::of('1.001'), Account::used())));
        self::assertSame($there, self::refusal(static fn () => $balance->draw($one, BigRational::of('1/2'), Account::used())));
        self::assertSame(
            'Enter an amount above 0.',
            self::refusal(static fn () => $balance->draw($two, BigRational::zero(), Account::used())),
        );
        self::assertSame('Enter an amount above 0.', self::refusal(static fn () => $balance->count('paint', BigRational::of(-1))));
        self::assertSame([], $balance->count('paint', BigRational::of(150)));
        self::assertSame(
            $there,
            self::refusal(static fn () => $balance->after(Move::of('wax', BigRational::one(), Account::shelf(), $two))),
        );
        $fill = $balance->fill($two, ['paint' => BigRational::of(200), 'wax' => BigRational::of(5)]);
        self::assertSame(
            ['paint 150 shelf', 'paint 50 bought', 'wax 5 bought'],
            array_map(static fn (Move $m): string => "$m->materialId $m->grams {$m->from->key}", $fill),
        );
    }

    /**
     * However fine the parts that are moved: what is on the grid is never further from the truth than half of its step, nothing is less
     * than nothing, and a pot that is drawn empty is empty.
     */
    public function testRoundingLosesNothing(): void
    {
        $this->manyTimes(60, function (): void {
            $ledger = new RoundLedger();
            $true = ['shelf' => BigRational::zero(), 'pot:one' => BigRational::zero()];
            for ($i = 0; $i < 12; ++$i) {
                [$from, $to] = [
                    [Account::bought(), Account::shelf()],
                    [Account::shelf(), Account::pot('one')],
                    [Account::pot('one'), Account::used()],
                ][$this->int(0, 2)];
                $grams = $this->rational(1, 30, 13)->dividedBy($this->int(1, 4_000_000));
                if (isset($true[$from->key]) && $true[$from->key]->isLessThan($grams)) {
                    self::assertNotNull(self::refusal(static fn () => $ledger->line([['paint', $grams, $from, $to]])));
                    continue;
                }
                $ledger->line([['paint', $grams, $from, $to]]);
                foreach ([[$from, $grams->negated()], [$to, $grams]] as [$account, $more]) {
                    isset($true[$account->key]) && $true[$account->key] = $true[$account->key]->plus($more);
                }
                foreach ($true as $key => $truly) {
                    $kept = $ledger->balance()->grams(Account::written($key), 'paint');
                    self::assertFalse($kept->isNegative());
                    self::assertTrue($kept->minus($truly)->abs()->isLessThanOrEqualTo('0.0000015'), "$kept is near $truly");
                    self::assertTrue(!$truly->isZero() || $kept->isZero(), 'empty is empty');
                }
            }
        });
        $ledger = new RoundLedger();
        self::assertSame(
            'Enter an amount above 0.',
            self::refusal(static fn () => $ledger->line([['paint', BigRational::zero(), Account::bought(), Account::shelf()]])),
        );
        self::assertCount(
            1,
            $ledger->line(
                [
                    ['paint', BigRational::of(3), Account::bought(), Account::shelf()],
                    ['wax', BigRational::of('1/10000000'), Account::bought(), Account::shelf()],
                ],
            ),
        );
        self::assertSame('3', (string) $ledger->balance()->grams(Account::bought(), 'paint'));
    }
}
