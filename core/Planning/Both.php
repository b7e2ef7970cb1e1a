<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * Two waits that both must be over.
 *
 * Immutable.
 */
final readonly class Both implements Wait
{
    public function __construct(private Wait $one, private Wait $other)
    {
    }

    public function over(int $from, Calendar $calendar): int
    {
        return max($this->one->over($from, $calendar), $this->other->over($from, $calendar));
    }

    public function least(): int
    {
        return max($this->one->least(), $this->other->least());
    }
}
