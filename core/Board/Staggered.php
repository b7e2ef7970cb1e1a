<?php

declare(strict_types=1);

namespace Inlaid\Core\Board;

/**
 * When every patch is laid and wiped, so that each has its dwell and no two things are to be done at once.
 *
 * Immutable. Seconds from the start; `starts` by patch, as they were given. `atLeast` is a bound that no plan goes below: where `length`
 * equals it the plan is
 * proved to be the shortest.
 */
final readonly class Staggered
{
    /**
     * @param list<int> $starts when each patch is begun to be laid
     */
    public function __construct(public array $starts, public int $length, public int $atLeast)
    {
    }
}
