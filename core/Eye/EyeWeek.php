<?php

declare(strict_types=1);

namespace Inlaid\Core\Eye;

/**
 * The answers of one kind in a week, which begins on the Monday `from`.
 *
 * Immutable.
 */
final readonly class EyeWeek
{
    public function __construct(public string $from, public int $answered, public int $right)
    {
    }
}
