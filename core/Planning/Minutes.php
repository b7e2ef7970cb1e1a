<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * So many minutes, by day and by night; perhaps until another day besides.
 *
 * Immutable.
 */
final readonly class Minutes implements Wait
{
    public function __construct(private int $minutes, private bool $overnight = false)
    {
    }

    public function over(int $from, Calendar $calendar): int
    {
        $over = $from + 60 * $this->minutes;

        return $this->overnight ? max($over, $calendar->midnight($from)) : $over;
    }

    public function least(): int
    {
        return $this->minutes;
    }
}
