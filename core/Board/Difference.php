<?php

declare(strict_types=1);

namespace Inlaid\Core\Board;

/**
 * One thing in which two patches differ, with what it is on each.
 *
 * Immutable. `what` such as "Slate wash, the dwell".
 */
final readonly class Difference
{
    public function __construct(public string $what, public string $one, public string $other)
    {
    }

    public function inWords(): string
    {
        return \sprintf('%s (%s against %s)', $this->what, $this->one, $this->other);
    }
}
