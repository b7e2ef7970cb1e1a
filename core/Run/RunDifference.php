<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

/**
 * How a step was made in one run and in another.
 *
 * Immutable.
 */
final readonly class RunDifference
{
    public function __construct(public string $step, public string $name, public string $words)
    {
    }
}
