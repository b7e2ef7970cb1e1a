<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

/**
 * How a zone differs from what it was: ΔE of the means, and in words.
 *
 * Immutable.
 */
final readonly class LookChange
{
    public function __construct(public float $deltaE, public string $inWords)
    {
    }
}
