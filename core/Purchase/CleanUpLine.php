<?php

declare(strict_types=1);

namespace Inlaid\Core\Purchase;

/**
 * What tools and hands are cleaned with after some steps.
 *
 * Immutable.
 */
final readonly class CleanUpLine
{
    /**
     * @param list<int> $steps by number
     */
    public function __construct(public string $with, public array $steps)
    {
    }
}
