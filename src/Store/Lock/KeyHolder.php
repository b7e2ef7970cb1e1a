<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Lock;

enum KeyHolder: string
{
    /** A browser in which the passphrase was given. */
    case Device = 'device';
    /** May say what it measures, and nothing else. */
    case Hygrometer = 'hygrometer';
}
