<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

/**
 * What a line of a table that is taken in would do, in words; whether it changes anything.
 *
 * Immutable.
 */
final readonly class TableLine
{
    public function __construct(public int $line, public string $says, public bool $changes)
    {
    }
}
