<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * What must pass between one work and another.
 */
interface Wait
{
    /** The instant at which it is over, if it begins at another. Never earlier for a later beginning. */
    public function over(int $from, Calendar $calendar): int;

    /** Minutes that it takes at least, whenever it begins. */
    public function least(): int;
}
