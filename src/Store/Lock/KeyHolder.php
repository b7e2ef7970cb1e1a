<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Lock;

enum KeyHolder: string
{
    /** A browser in which the passphrase was given. */
    case Device = 'device';
    /**
     * A browser in which the passphrase was entered once. It is not let in by that, but its tries are counted apart from everybody else's.
     */
    case Known = 'known';
    /** May say what it measures, and nothing else. */
    case Hygrometer = 'hygrometer';

    /** Days after which one that is not used ends; null for never. */
    public function days(): ?int
    {
        return match ($this) {
            self::Device => 30,
            self::Known => 400,
            self::Hygrometer => null,
        };
    }
}
