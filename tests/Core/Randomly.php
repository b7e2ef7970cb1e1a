<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core;

use Brick\Math\BigRational;
use PHPUnit\Framework\AssertionFailedError;

/**
 * Property tests with a pinned seed: INLAID_SEED chooses another, and a failure names the one it happened with.
 */
trait Randomly
{
    private \Random\Randomizer $random;

    private function manyTimes(int $times, \Closure $property): void
    {
        $seed = (int) (getenv('INLAID_SEED') ?: 20261);
        for ($i = 0; $i < $times; ++$i) {
            $this->random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed + $i));
            try {
                $property();
            } catch (AssertionFailedError $error) {
                throw new AssertionFailedError(\sprintf('%s (INLAID_SEED=%d)', $error->getMessage(), $seed + $i), 0, $error);
            }
        }
    }

    private function int(int $from, int $to): int
    {
        return $this->random->getInt($from, $to);
    }

    private function float(float $from, float $to): float
    {
        return $from + ($to - $from) * $this->random->getInt(0, 1_000_000) / 1_000_000;
    }

    private function rational(int $from, int $to, int $largestDenominator): BigRational
    {
        $d = $this->int(1, $largestDenominator);

        return BigRational::nd($this->int($from * $d, $to * $d), $d)->simplified();
    }
}
