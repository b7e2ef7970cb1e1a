<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;

/**
 * The optimum of a linear program, with its proof: prices of the rows under which no answer can be worth more.
 *
 * Immutable. `at` by variable, `prices` by row: Σ price × limit is the value, Σ price × factor at least the objective for every
 * variable, and no price of an at-most row is negative.
 */
final readonly class Optimum
{
    /**
     * @param list<BigRational> $at
     * @param list<BigRational> $prices
     */
    public function __construct(public BigRational $value, public array $at, public array $prices)
    {
    }
}
