<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core;

/**
 * Time that is up after a number of looks at it, whatever the clock says.
 */
trait CutsShort
{
    /** @return \Closure(): bool */
    private static function over(int $looks): \Closure
    {
        return static function () use (&$looks): bool {
            return --$looks < 0;
        };
    }
}
