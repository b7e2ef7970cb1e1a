<?php

declare(strict_types=1);

namespace Inlaid\Core\Bench;

/**
 * How long a technique takes this painter, against what is typical.
 *
 * Immutable. `factor` of the typical time, within `low` and `high` nine times in ten; learned from `count` works.
 */
final readonly class Pace
{
    public function __construct(public string $technique, public float $factor, public float $low, public float $high, public int $count)
    {
    }
}
