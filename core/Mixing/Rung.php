<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;

/**
 * One of a graded series: ml of the one end and of the other, and what is then in it.
 *
 * Immutable.
 */
final readonly class Rung
{
    public function __construct(public BigRational $ofFirst, public BigRational $ofSecond, public Contents $contents)
    {
    }
}
