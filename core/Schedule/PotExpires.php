<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

/**
 * A pot on the shelf that does not keep much longer; `isOver` if it is past that.
 *
 * Immutable. `until` as it is told in the studio.
 */
final readonly class PotExpires
{
    public function __construct(public string $id, public string $name, public string $until, public bool $isOver)
    {
    }
}
