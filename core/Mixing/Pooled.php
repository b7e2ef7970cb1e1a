<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;

/**
 * How leftovers become a mix: ml taken of each pot, and what is added.
 *
 * Immutable. `yield` in ml.
 */
final readonly class Pooled
{
    /**
     * @param list<BigRational> $taken by pot
     */
    public function __construct(public BigRational $yield, public array $taken, public Contents $add)
    {
    }
}
