<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Lock\Data;

/**
 * Whether the passphrase is asked for here, and whether this device has given it. Only then: how many devices have, and whether a
 * hygrometer has a key;
 * and the key, once, when it has just been made.
 */
final readonly class LockState
{
    public function __construct(
        public bool $needed,
        public bool $open,
        public ?int $devices = null,
        public bool $hygrometer = false,
        public ?string $key = null,
    ) {
    }
}
