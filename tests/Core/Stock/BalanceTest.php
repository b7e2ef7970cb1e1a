<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Stock;

use Brick\Math\BigRational;
use Inlaid\Core\Stock\Account;
use Inlaid\Core\Stock\Balance;
use Inlaid\Core\Stock\InvalidStock;
use Inlaid\Core\Stock\Move;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * Nothing comes from nowhere and nothing goes nowhere.
 */
final class BalanceTest extends TestCase
{
    use Randomly;

    private const MATERIALS = ['paint', 'water', 'wax'];
    private const POTS = ['one', 'two', 'three'];

    /**
     * After any sequence of buying, counting, mixing, topping up, using, pouring together, evaporating and throwing away: what was bought
     * is what is left,
     * used and thrown away, to the last digit, and nothing is less than nothing.
     */
    public function testWhatWasBoughtIsWhatIsLeftUsedAndThrownAway(): void
    {
        $refused = 0;
        $this->manyTimes(60, function () use (&$refused): void {
            $balance = Balance::of();
            for ($i = 0; $i < 40; ++$i) {
                try {
                    $balance = $balance->after(...$this->something($balance));
                } catch (InvalidStock) {
                    ++$refused;
                }
                $this->isSound($balance);
            }
        });
        self::assertGreaterThan(100, $refused, 'what is not there cannot be taken');
    }

    /**
     * 300 g of paint bought, 100 in a pot with 300 of water nobody counted; half of the pot is used, a quarter of the rest thrown away.
     */
    public function testAPotFromTheShelf(): void
    {
        [$shelf, $pot] = [Account::shelf(), Account::pot('one')];
        $balance = Balance::of()->after(Move::of('paint', BigRational::of(300), Account::bought(), $shelf));
        $balance = $balance->after(...$balance->fill($pot, ['paint' => BigRational::of(100), 'water' => BigRational::of(300)]));
        $balance = $balance->after(...$balance->draw($pot, BigRational::of('1/2'), Account::used()));
        $balance = $balance->after(...$balance->draw($pot, BigRational::of('1/4'), Account::thrown()));
        self::assertSame(
            ['200', '75/2', '50', '25/2'],
            array_map(
                static fn (Account $a): string => (string) $balance->grams($a, 'paint'),
                [$shelf, $pot, Account::used(), Account::thrown()],
            ),
        );
        self::assertSame(['300', '225/2'], [(string) $balance->grams(Account::bought(), 'water'), (string) $balance->grams($pot, 'water')]);
        $counted = $balance->after(...$balance->count('paint', BigRational::of(150)));
        self::assertSame(
            ['150', '100', '300'],
            array_map(
                static fn (Account $a): string => (string) $counted->grams($a, 'paint'),
                [$shelf, Account::used(), Account::bought()],
            ),
        );
    }

    /**
     * @return list<Move>
     *
     * @throws InvalidStock
     */
    private function something(Balance $balance): array
    {
        [$material, $pot, $other] = [
            self::MATERIALS[$this->int(0, 2)],
            Account::pot(self::POTS[$this->int(0, 2)]),
            Account::pot(self::POTS[$this->int(0, 2)]),
        ];
        $amount = $this->rational(0, 50, 7);

        return match ($this->int(0, 7)) {
            0 => [Move::of($material, $amount, Account::bought(), Account::shelf())],
            1 => $balance->count($material, $amount),
            2, 3 => $balance->fill($pot, [$material => $amount, 'water' => $this->rational(0, 30, 3)]),
            4 => $balance->draw($pot, $this->rational(0, 2, 5), Account::used()),
            5 => $balance->draw($pot, $this->rational(0, 1, 6), $other),
            6 => $balance->draw($pot, $this->rational(0, 1, 4), Account::thrown()),
            default => [
                Move::of('water', $amount, $pot, Account::thrown()),
                Move::of('water', $amount, $pot, $other),
                Move::of('water', $amount, Account::bought(), $pot),
            ],
        };
    }

    private function isSound(Balance $balance): void
    {
        foreach (self::MATERIALS as $material) {
            $sum = BigRational::zero();
            foreach ([Account::shelf(), ...array_map(Account::pot(...), self::POTS), Account::used(), Account::thrown()] as $account) {
                self::assertFalse($balance->grams($account, $material)->isNegative());
                $sum = $sum->plus($balance->grams($account, $material));
            }
            self::assertTrue(
                $sum->isEqualTo($balance->grams(Account::bought(), $material)),
                "$material is bought, left, used or thrown away",
            );
        }
    }
}
