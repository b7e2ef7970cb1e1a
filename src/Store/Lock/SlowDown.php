<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Lock;

/**
 * How long to wait before the next try: the first ones are free, as anybody mistypes; then twice as long each time.
 *
 * From one place up to a quarter of an hour. Over all places together half a minute at most; a device where the passphrase was entered
 * before does not
 * wait for those, so that nobody can shut the painter out by guessing from many.
 */
enum SlowDown
{
    case OnePlace;
    case Anywhere;

    /** Wrong tries are forgotten so long after the last one, seconds. */
    public const FORGOTTEN = 86_400;

    /**
     * @return int seconds
     */
    public function after(int $wrongTries): int
    {
        [$free, $most] = self::OnePlace === $this ? [4, 900] : [40, 30];

        return $wrongTries < $free ? 0 : min($most, 2 ** min(20, $wrongTries - $free));
    }
}
