<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

/**
 * What a search found, the nearest first; not `complete` where it ran out of looks or of time.
 *
 * Immutable.
 */
final readonly class Searched
{
    /**
     * @param list<Found> $found
     */
    public function __construct(public array $found, public bool $complete, public int $looks)
    {
    }
}
