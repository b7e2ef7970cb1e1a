<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Lock;

/**
 * The passphrase was wrong too often to be tried again at once.
 */
final class TooManyTries extends \RuntimeException
{
    public function __construct(public readonly int $seconds)
    {
        parent::__construct(
            $seconds < 90
                ? \sprintf('Wrong passphrase several times. Try again in %d s.', $seconds)
                : \sprintf('Wrong passphrase many times. Try again in %d min.', ceil($seconds / 60)),
        );
    }
}
