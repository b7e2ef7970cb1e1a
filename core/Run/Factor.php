<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

/**
 * How something is with this painter, against what is typical.
 *
 * Immutable. `factor` of the typical figure, within `low` and `high` nine times in ten; learned from `count` observations.
 */
final readonly class Factor
{
    public function __construct(public string $of, public float $factor, public float $low, public float $high, public int $count)
    {
    }
}
