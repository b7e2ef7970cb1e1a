<?php

declare(strict_types=1);

namespace Inlaid\Core\Stock;

use Brick\Math\BigRational;

/**
 * So many grams of a material from one place to another.
 *
 * Immutable.
 */
final readonly class Move
{
    private function __construct(public string $materialId, public BigRational $grams, public Account $from, public Account $to)
    {
    }

    /**
     * @throws StockRefusal if it is nothing or less
     */
    public static function of(string $materialId, BigRational $grams, Account $from, Account $to): self
    {
        return $grams->isPositive() ? new self($materialId, $grams->simplified(), $from, $to) : throw StockRefusal::nothing();
    }
}
