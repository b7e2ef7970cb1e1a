<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

/**
 * What a line of the ledger is about.
 */
enum EntryKind: string
{
    case Bought = 'bought';
    case Counted = 'counted';
    case Mixed = 'mixed';
    case Added = 'added';
    case PouredOff = 'poured-off';
    case Pooled = 'pooled';
    case Used = 'used';
    case Evaporated = 'evaporated';
    case Thrown = 'thrown';
}
