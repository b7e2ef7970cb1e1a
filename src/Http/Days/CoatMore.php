<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days;

/**
 * One more coat of a step of a piece on the bench.
 */
final readonly class CoatMore
{
    public function __construct(public string $run, public string $step)
    {
    }
}
