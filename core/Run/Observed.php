<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

/**
 * Something that was noted, against what is typical of it: minutes of hands or of drying, or ml.
 *
 * Immutable. `of` a technique, a material or both; `at` in seconds since 1970.
 */
final readonly class Observed
{
    public function __construct(public string $of, public float $typical, public float $seen, public int $at)
    {
    }

    /** What was seen ÷ what is typical. */
    public function ratio(): float
    {
        return $this->seen / $this->typical;
    }
}
