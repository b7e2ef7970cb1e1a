<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;

/**
 * What is to be poured of everything, and what it then yields.
 *
 * Immutable. `yield` in ml; the targets in pouring order.
 */
final readonly class Pouring
{
    public function __construct(public BigRational $yield, public Contents $targets)
    {
    }
}
