<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

/**
 * When a search must give what it has found: php -S does not notice that nobody waits any more.
 */
final class Deadline
{
    /**
     * @return \Closure(): bool whether so many seconds have passed since now; as many times more as INLAID_PATIENCE says, on a slow or
     *                          busy computer
     */
    public static function in(float $seconds): \Closure
    {
        return self::after($seconds * ((float) getenv('INLAID_PATIENCE') ?: 1.0));
    }

    /**
     * @return \Closure(): bool whether so many seconds have passed since now
     */
    public static function after(float $seconds): \Closure
    {
        $end = hrtime(true) + (int) (1e9 * $seconds);

        return static fn (): bool => hrtime(true) > $end;
    }
}
