<?php

declare(strict_types=1);

namespace Inlaid\Core\Surface;

/**
 * A share of a zone that went from one patch, of those before a step, to one after it.
 *
 * Immutable. Those from one patch come in the order in which they lie along the step's spread.
 */
final readonly class Division
{
    public function __construct(public int $from, public float $share, public int $to)
    {
    }
}
